/** Outlines for puzzles: silhouettes that ship, letters, and those of the user's own drawings. */
package jorn.puzzle.shape;
