package jorn.impose;

import jorn.art.Box;
import jorn.art.Turn;

/**
 * A page in its place on a sheet.
 *
 * @param seat which page
 * @param cell what it may cover, in points from the sheet's top left corner, y down
 * @param page where its visible box comes to lie, which may be larger than the cell
 * @param turn from the page's points (from the top left corner of its visible box, y down) to the sheet's
 */
public record PlacedPage(Seat seat, Box cell, Box page, Turn turn) {}
