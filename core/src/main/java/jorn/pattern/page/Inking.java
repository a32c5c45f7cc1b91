package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.measure.Trouble;
import jorn.say.Label;

/**
 * How lines are drawn, and what becomes of the fields between them.
 *
 * @param weight of a line of weight 1, 0.5 to 4 pt
 * @param companions how many smaller figures fill the gaps between the motifs, 0 to 4
 * @param small what becomes of fields that are less than 2 mm across
 * @param colours how many colours the page has that is coloured by number, 2 to 12; 0 for a page without numbers
 */
@RecordBuilder
public record Inking(double weight, int companions, SmallFields small, int colours) implements InkingBuilder.With {
    public static final double THINNEST = 0.5;
    public static final double THICKEST = 4;
    public static final int MOST_COMPANIONS = 4;
    public static final int MOST_COLOURS = 12;

    public static final Inking CUSTOMARY = new Inking(1.1, 2, SmallFields.INKED, 0);

    /** What becomes of fields that are less than 2 mm across. */
    public enum SmallFields {
        /** They become part of the lines. */
        @Label("pattern.small.inked")
        INKED,
        /** They stay, and are counted. */
        @Label("pattern.small.left")
        LEFT
    }

    public Inking {
        small = small == null ? SmallFields.INKED : small;
        if (!(weight >= THINNEST) || weight > THICKEST) {
            throw Trouble.of("pattern.refused.weight-out-of-range", weight, THINNEST, THICKEST);
        }
        if (companions < 0 || companions > MOST_COMPANIONS) {
            throw Trouble.of("pattern.refused.companions-out-of-range", companions, MOST_COMPANIONS);
        }
        if (colours != 0 && (colours < 2 || colours > MOST_COLOURS)) {
            throw Trouble.of("pattern.refused.colours-out-of-range", colours, MOST_COLOURS);
        }
    }

    /** The weight of a line, in points. */
    double weight(double share) {
        return Math.max(THINNEST, Math.min(THICKEST, weight * share));
    }
}
