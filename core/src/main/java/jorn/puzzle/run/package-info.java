/** Puzzles as they fill the pages of a book: which ones, in what order, how many to a page, and where their solutions stand. */
package jorn.puzzle.run;
