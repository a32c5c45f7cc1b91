package jorn.layout;

import jorn.art.Box;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;

/**
 * The grid that a compositor keeps: everything on the pages of a book stands on lines one pitch apart, counted from the head of
 * the text, on facing pages alike.
 *
 * @param pitch from line to line, 5 to 15 mm
 * @param scale how much larger type is than at 6 × 9 in
 * @param snaps whether parts begin and end on the lines; not in books that were made before there was a pitch
 */
public record Grid(Length pitch, double scale, boolean snaps) {
    /** No type is smaller, in points: common practice for what is read at arm's length. */
    public static final double SMALLEST_TYPE = 6.5;

    /** Nothing to tick is smaller: a pen's tick wants 4 mm (common practice). */
    public static final Length SMALLEST_TICK = Length.mm(4);

    private static final Length CLOSEST = Length.mm(5);
    private static final Length WIDEST = Length.mm(15);
    private static final double SMALLEST_SCALE = 0.88;
    private static final double LARGEST_SCALE = 1.22;
    private static final Size USUAL = Size.parse("6x9in", Unit.INCH);

    /** What a book without a pitch has. */
    public static final Grid FREE = new Grid(Length.mm(7), 1, false);

    /** Rounding, in rows. */
    private static final double SLACK = 1e-4;

    /** Nothing is set in less width, in pitches. */
    private static final double NARROWEST = 1.5;

    public Grid {
        if (!canBe(pitch)) {
            throw Trouble.of("layout.grid.bad-pitch", pitch, CLOSEST, WIDEST);
        }
    }

    /** The grid of a book: type grows with the side of the trim, within reason. */
    public static Grid of(Length pitch, Size trim) {
        double side = Math.sqrt(trim.width().points() * trim.height().points());
        double usual = Math.sqrt(USUAL.width().points() * USUAL.height().points());
        return new Grid(pitch, Math.max(SMALLEST_SCALE, Math.min(LARGEST_SCALE, side / usual)), true);
    }

    /** Whether lines so far apart can be a pitch. */
    public static boolean canBe(Length pitch) {
        return pitch.compareTo(CLOSEST) >= 0 && pitch.compareTo(WIDEST) <= 0;
    }

    /** The same with another pitch. */
    public Grid at(Length other) {
        return new Grid(other, scale, snaps);
    }

    /** From line to line, in points. */
    public double step() {
        return pitch.points();
    }

    /** How many whole rows there are in a height. */
    public int rowsIn(double height) {
        return Math.max(0, (int) Math.floor(height / step() + SLACK));
    }

    /** How many rows hold a height. */
    public int rowsFor(double height) {
        return Math.max(0, (int) Math.ceil(height / step() - SLACK));
    }

    /** Whether there is any room for rows: one of them, one and a half pitches wide. */
    public boolean canHold(Box area) {
        return rowsIn(area.height()) > 0 && area.width() >= NARROWEST * step();
    }

    /** The nearest number of rows, but one at least for anything that is not nothing. */
    public int nearestRows(double height) {
        return height <= 0 ? 0 : (int) Math.max(1, Math.round(height / step()));
    }

    /** The size of type at a step, in points; never under the floor. */
    public double type(TypeStep step) {
        return Math.max(SMALLEST_TYPE, step.points() * scale);
    }
}
