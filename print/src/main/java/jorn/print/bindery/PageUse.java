package jorn.print.bindery;

import java.util.Optional;

/**
 * A page of a new file: a page of a source, as it is or turned, cut or made larger.
 *
 * @param page of the source, from 1
 * @param turn clockwise, in degrees, a multiple of 90
 * @param part which part of what is seen is taken; all of it where nothing is said
 * @param size in points, width and height, to which it is fitted in proportion; as it is where nothing is said
 */
record PageUse(int page, int turn, Optional<Share> part, Optional<double[]> size) {
    /** A part of what is seen, in shares of its width and height as it is shown. */
    record Share(double left, double top, double right, double bottom) {
        static final Share LEFT = new Share(0, 0, 0.5, 1);
        static final Share RIGHT = new Share(0.5, 0, 1, 1);
    }

    static PageUse of(int page) {
        return new PageUse(page, 0, Optional.empty(), Optional.empty());
    }
}
