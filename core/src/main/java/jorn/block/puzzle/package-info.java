/** Blocks for puzzle books: the puzzles of a page or their solutions, each kind drawn by a face of its own. */
package jorn.block.puzzle;
