/** Sums to practise: adding, taking away, multiplying and dividing within a range. */
package jorn.puzzle.arithmetic;
