/** Mazes with one way through, on squares, rings or hexagons, and inside a shape. */
package jorn.puzzle.maze;
