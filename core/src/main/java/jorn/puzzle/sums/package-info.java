/** Sums in crossing rows: figures from 1 to 9 in rows and columns, none twice in a run, each run with the sum that stands before it. */
package jorn.puzzle.sums;
