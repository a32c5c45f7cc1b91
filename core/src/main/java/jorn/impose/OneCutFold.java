package jorn.impose;

/**
 * The sheet with one cut as hands fold it: cut along its middle between the outer creases, folded along the middle with the pages outside, its ends
 * pushed together until four leaves stand like a cross, and those laid on each other (common practice). Paper is not stretched, and is torn nowhere but
 * at the cut.
 *
 * <p>Four columns stand between five edges, counted from where the book is read from; the upper row's pages stand on their heads. Points are in the
 * units of the cells: x to the right of the sheet's middle, y up, z towards the eye.
 *
 * @param width of a cell
 * @param height of a cell
 */
public record OneCutFold(double width, double height) {
    /** It is flat and cut. */
    public static final double CUT = 1;
    /** It is folded along the middle. */
    public static final double FOLDED = 2;
    /** The leaves stand like a cross. */
    public static final double CROSSED = 3;
    /** The leaves lie on each other. */
    public static final double CLOSED = 4;

    private static final int MIDDLE = 2;
    private static final int LAST = 4;
    private static final double QUARTER = Math.PI / 2;
    /** Leaves that lie on each other are a little apart, for the eye. */
    private static final double APART = Math.toRadians(2.5);

    /** A point of the paper. */
    public record Point(double x, double y, double z) {}

    /**
     * Where a point of the paper is.
     *
     * @param time from 0, flat, to {@link #CLOSED}
     * @param edge of a column, from 0 to 4
     * @param upper whether it belongs to the upper row
     * @param out how far from the sheet's middle line, from 0 to 1 at the outer edge
     */
    public Point at(double time, int edge, boolean upper, double out) {
        double high = out * height;
        if (time <= CUT) {
            return new Point((edge - MIDDLE) * width, upper ? high : -high, 0);
        }
        if (time <= FOLDED) {
            double turned = Math.PI * (time - CUT);
            double y = upper ? high * Math.cos(turned) : -high;
            return new Point((edge - MIDDLE) * width, y, upper ? -high * Math.sin(turned) : 0);
        }
        if (time <= CROSSED) {
            double turned = QUARTER * (time - FOLDED);
            double reach = Math.cos(turned) * width;
            double deep = Math.sin(turned) * width;
            double x =
                    switch (edge) {
                        case 0 -> -reach - width;
                        case 1 -> -reach;
                        case MIDDLE -> 0;
                        case LAST -> reach + width;
                        default -> reach;
                    };
            return new Point(x, -high, edge != MIDDLE ? 0 : upper ? -deep : deep);
        }
        int leaf = leaf(edge, upper);
        if (leaf < 0) {
            return new Point(0, -high, 0);
        }
        double left = Math.max(0, CLOSED - time);
        double angle = left * QUARTER * leaf + (1 - left) * APART * leaf;
        return new Point(Math.cos(angle) * width, -high, -Math.sin(angle) * width);
    }

    /** Which leaf ends at an edge, counted from the cover; less than 0 where the spine is. */
    private static int leaf(int edge, boolean upper) {
        return switch (edge) {
            case LAST -> 0;
            case MIDDLE -> upper ? 1 : 3;
            case 0 -> MIDDLE;
            default -> -1;
        };
    }
}
