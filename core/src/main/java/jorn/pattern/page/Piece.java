package jorn.pattern.page;

import java.util.List;
import jorn.art.Turn;
import jorn.pattern.motif.MotifLine;

/**
 * One of the figures of which a pattern is made.
 *
 * @param lines in the motif's own measure
 * @param base to the page, from the corner of a cell, for the first copy
 * @param moves to each copy of a cell
 * @param motif whether it is the pattern's motif, not one that fills a gap
 */
record Piece(List<MotifLine> lines, Turn base, List<Turn> moves, boolean motif) {
    /** The middle of the first copy. */
    double[] middle() {
        return new double[] {base.x(0, 0), base.y(0, 0)};
    }
}
