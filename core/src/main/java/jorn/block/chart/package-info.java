/** Drawn things to fill in: curves, wheels, amounts to colour, trees of a family, frames for photographs. */
package jorn.block.chart;
