package jorn.scan;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.measure.Trouble;
import jorn.say.Label;

/**
 * What is done to a scan or a photograph of a drawing.
 *
 * @param straighten whether the paper is looked for and straightened
 * @param whiten whether the paper becomes white and evenly lit
 * @param part whether several drawings on one scan become several
 * @param screens whether the dots of a printed picture are removed
 * @param into what it becomes
 * @param threshold darker than this becomes black, 1 to 99 % of white; 0 for what parts ink from paper best
 * @param specks so small patches go, in thousandths of the longer side, 0 to 20
 */
@RecordBuilder
public record Cleaning(
        boolean straighten, boolean whiten, boolean part, boolean screens, Into into, int threshold, int specks)
        implements CleaningBuilder.With {
    /** What it becomes. */
    public enum Into {
        /** Black outlines as vectors. */
        @Label("scan.into.vectors")
        VECTORS,
        /** Black and white pixels. */
        @Label("scan.into.black")
        BLACK,
        @Label("scan.into.grey")
        GREY,
        @Label("scan.into.colour")
        COLOUR
    }

    public static final int MOST_THRESHOLD = 99;
    public static final int MOST_SPECKS = 20;

    /** As it is. */
    public static final Cleaning NONE = new Cleaning(false, false, false, false, Into.COLOUR, 0, 0);

    /** For drawings to be coloured. */
    public static final Cleaning LINE_ART = new Cleaning(true, true, false, true, Into.VECTORS, 0, 3);

    public Cleaning {
        into = into == null ? Into.VECTORS : into;
        if (threshold < 0 || threshold > MOST_THRESHOLD) {
            throw Trouble.of("scan.refused.threshold-out-of-range", threshold, MOST_THRESHOLD);
        }
        if (specks < 0 || specks > MOST_SPECKS) {
            throw Trouble.of("scan.refused.specks-out-of-range", specks, MOST_SPECKS);
        }
    }
}
