package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.SettingKind;

/**
 * A line that is ruled.
 *
 * @param kind solid, dotted, dashed, double or none
 * @param weight thickness in points, 0.3 to 6: hairlines under that break up (common practice)
 * @param role what its colour is for
 */
@RecordBuilder
public record Rule(
        @Label("style.label.kind") @Required LineKind kind,
        @Label(value = "style.label.weight", as = SettingKind.WEIGHT) @Required double weight,
        @Label("style.label.role") @Required Role role)
        implements RuleBuilder.With {
    /** No line is thinner, in points (common practice). */
    public static final double THINNEST = 0.3;

    private static final double THICKEST = 6;

    /** How a line is made. */
    public enum LineKind {
        SOLID,
        DOTTED,
        DASHED,
        /** A strong and a fine one beside it. */
        DOUBLE,
        NONE
    }

    public Rule {
        if (!(weight >= THINNEST) || weight > THICKEST) {
            throw Trouble.of("style.rule.bad-weight", weight, THINNEST, THICKEST);
        }
    }

    @com.fasterxml.jackson.annotation.JsonIgnore
    public boolean isNone() {
        return kind == LineKind.NONE;
    }
}
