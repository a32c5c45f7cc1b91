package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Locale;
import java.util.Optional;
import jorn.art.Box;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.pattern.motif.PatternMotif;
import jorn.say.Label;

/**
 * What changes gradually over the page, and which way.
 *
 * @param what changes
 * @param way from where to where it changes
 * @param into the motif that it becomes, where the motif changes
 */
@RecordBuilder
public record Gradual(@Required What what, @Required Way way, Optional<PatternMotif> into)
        implements GradualBuilder.With {
    public static final Gradual NONE = new Gradual(What.NOTHING, Way.DOWNWARD, Optional.empty());

    /** What changes. */
    public enum What {
        @Label("pattern.change.nothing")
        NOTHING,
        @Label("pattern.change.weight")
        WEIGHT,
        @Label("pattern.change.scale")
        SCALE,
        @Label("pattern.change.density")
        DENSITY,
        @Label("pattern.change.motif")
        MOTIF
    }

    /** From where to where. */
    public enum Way {
        @Label("pattern.way.left-to-right")
        LEFT_TO_RIGHT,
        @Label("pattern.way.right-to-left")
        RIGHT_TO_LEFT,
        @Label("pattern.way.downward")
        DOWNWARD,
        @Label("pattern.way.upward")
        UPWARD,
        @Label("pattern.way.outward")
        OUTWARD,
        @Label("pattern.way.inward")
        INWARD
    }

    public Gradual {
        into = into == null ? Optional.empty() : into;
    }

    /**
     * Reads {@code weight:left-to-right}, {@code scale:outward}, {@code none}.
     *
     * @throws Trouble with what there is
     */
    public static Gradual parse(String text) {
        String s = text.strip().toUpperCase(Locale.ROOT).replace('-', '_');
        if (s.equals("NONE") || s.equals("NOTHING")) {
            return NONE;
        }
        String[] two = s.split(":", 2);
        try {
            return new Gradual(What.valueOf(two[0]), two.length < 2 ? Way.DOWNWARD : way(two[1]), Optional.empty());
        } catch (IllegalArgumentException e) {
            throw Trouble.because(e, "pattern.refused.no-such-change", text.strip());
        }
    }

    /** A way by its name; downward and upward are also said as people say them. */
    private static Way way(String name) {
        return switch (name) {
            case "TOP_TO_BOTTOM" -> Way.DOWNWARD;
            case "BOTTOM_TO_TOP" -> Way.UPWARD;
            default -> Way.valueOf(name);
        };
    }

    /** How far the change has come at a point: 0 where it begins, 1 where it ends. */
    public double at(double x, double y, Box over) {
        double across = (x - over.x()) / over.width();
        double down = (y - over.y()) / over.height();
        double out = Math.hypot(x - over.centreX(), y - over.centreY()) / (Math.hypot(over.width(), over.height()) / 2);
        double v =
                switch (way) {
                    case LEFT_TO_RIGHT -> across;
                    case RIGHT_TO_LEFT -> 1 - across;
                    case DOWNWARD -> down;
                    case UPWARD -> 1 - down;
                    case OUTWARD -> out;
                    case INWARD -> 1 - out;
                };
        return Math.max(0, Math.min(1, v));
    }
}
