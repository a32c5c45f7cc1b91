/** Number placement: every row, column and box, and the diagonals where that is wanted, holds every figure once. */
package jorn.puzzle.number;
