/** Puzzles of the user's own words: word searches, and words interlocked. */
package jorn.puzzle.words;
