package jorn.block.paper;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.SettingKind;

/**
 * How writing lines are ruled.
 *
 * @param spacing from line to line, 2 to 50 mm
 * @param weight thickness of a line in points, above 0 and up to 4
 * @param strength tint of black, 0 to 1
 * @param reach within the margins, or from edge to edge
 */
@RecordBuilder
public record Ruling(
        @Label("block.ruling.lines-every") @Required Length spacing,
        @Label(value = "block.ruling.thickness", as = SettingKind.WEIGHT) @Required double weight,
        @Label(value = "block.ruling.grey", as = SettingKind.PER_CENT) @Required double strength,
        @Label("block.ruling.lines-run") @Required Reach reach)
        implements RulingBuilder.With {
    /** Customary spacings (common practice). */
    public enum Spacing {
        NARROW("narrow", 6.35),
        COLLEGE("college", 7.1),
        WIDE("wide", 8.7);

        private final String word;
        private final Length length;

        Spacing(String word, double mm) {
            this.word = word;
            this.length = Length.mm(mm);
        }

        public String word() {
            return word;
        }

        public Length length() {
            return length;
        }

        /** The customary name of a spacing, if it has one. */
        public static Optional<Spacing> of(Length length) {
            for (Spacing s : values()) {
                if (s.length.isAbout(length)) {
                    return Optional.of(s);
                }
            }
            return Optional.empty();
        }
    }

    /** How far lines run. */
    public enum Reach {
        @Label("block.ruling.within-margins")
        MARGINS("margins"),
        @Label("block.ruling.off-page")
        EDGE("edge");

        private final String id;

        Reach(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    private static final Length CLOSEST = Length.mm(2);
    private static final Length WIDEST = Length.mm(50);

    public Ruling {
        if (spacing.compareTo(CLOSEST) < 0 || spacing.compareTo(WIDEST) > 0) {
            throw Trouble.of("block.ruling.lines-apart-cannot-written", spacing);
        }
        if (!(weight > 0) || weight > 4) {
            throw Trouble.of("block.ruling.line-pt-cannot-ruled", weight);
        }
        if (!(strength > 0) || strength > 1) {
            throw Trouble.of("block.ruling.grey-cannot-ruled", Math.round(strength * 100));
        }
    }

    /** Whether nobody asked for another weight or grey. */
    @JsonIgnore
    public boolean isCustomarilyDrawn() {
        return weight == customary().weight && strength == customary().strength;
    }

    /** College spacing in a light grey, within the margins. */
    public static Ruling customary() {
        return new Ruling(Spacing.COLLEGE.length(), 0.5, 0.35, Reach.MARGINS);
    }
}
