/**
 * Puzzles made by rule from a seed: what all kinds have in common, and the source that fills a run with them. Each kind has a room of its
 * own below.
 */
package jorn.puzzle;
