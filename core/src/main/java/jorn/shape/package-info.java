/** Outlines for puzzles and patterns: silhouettes that ship, letters, and those of the user's own drawings. */
package jorn.shape;
