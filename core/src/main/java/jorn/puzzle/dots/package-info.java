/** Dots to be joined in the order of their numbers, along the outline of something. */
package jorn.puzzle.dots;
