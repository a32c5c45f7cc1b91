package jorn.impose;

import jorn.measure.Trouble;

/**
 * Where blanks go when pages do not divide.
 *
 * @param after behind this page; 0 before the first; {@link #AT_END} behind the last
 */
public record BlankPlace(int after) {
    private static final int LAST = Integer.MAX_VALUE;

    /** Behind the last page. */
    public static final BlankPlace AT_END = new BlankPlace(LAST);

    /** Before the last page, which stays the back cover. */
    public static final BlankPlace BEFORE_LAST = new BlankPlace(-1);

    /** Behind a page. */
    public static BlankPlace behind(int page) {
        if (page < 0) {
            throw Trouble.of("impose.refused.blank-place", page);
        }
        return new BlankPlace(page);
    }

    /**
     * Pages in the order of the book, with as many blanks as are needed, as 0.
     *
     * @param pages that there are, from 1
     * @param multiple to which they are made up
     * @throws Trouble where there are fewer pages than that behind which the blanks go
     */
    public int[] filled(int pages, int multiple) {
        if (after != LAST && after > pages) {
            throw Trouble.of("impose.refused.blank-behind", after, pages);
        }
        int blanks = Math.floorMod(-pages, multiple);
        int at = after == LAST ? pages : after < 0 ? pages - 1 : after;
        int[] all = new int[pages + blanks];
        for (int i = 0; i < all.length; i++) {
            all[i] = i < at ? i + 1 : i < at + blanks ? 0 : i + 1 - blanks;
        }
        return all;
    }
}
