package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.motif.ShippedMotif;
import jorn.pattern.symmetry.FriezeGroup;
import jorn.pattern.symmetry.Rosette;
import jorn.say.Label;

/**
 * What stands round a pattern, and on it.
 *
 * @param window the shape through which it is seen
 * @param border round the page
 * @param frieze symmetry of a border of motifs
 * @param friezeMotif what repeats in it
 * @param mandala symmetry of a figure in the middle, behind which the pattern is cleared
 * @param caption words in hollow letters at the foot; empty for none
 */
@RecordBuilder
public record Surround(
        @Required PatternWindow window,
        @Required Rim border,
        FriezeGroup frieze,
        PatternMotif friezeMotif,
        Optional<Rosette> mandala,
        String caption)
        implements SurroundBuilder.With {
    private static final int MOST_LETTERS = 120;

    public static final Surround PLAIN = new Surround(
            PatternWindow.PAGE, Rim.DOUBLE, FriezeGroup.P2MG, new ShippedMotif("leaf"), Optional.empty(), "");

    /** What borders there are. */
    public enum Rim {
        @Label("pattern.border.none")
        NONE,
        @Label("pattern.border.line")
        LINE,
        @Label("pattern.border.double")
        DOUBLE,
        @Label("pattern.border.frieze")
        FRIEZE
    }

    public Surround {
        frieze = frieze == null ? FriezeGroup.P2MG : frieze;
        friezeMotif = friezeMotif == null ? new ShippedMotif("leaf") : friezeMotif;
        mandala = mandala == null ? Optional.empty() : mandala;
        caption = caption == null ? "" : caption.strip();
        if (caption.length() > MOST_LETTERS) {
            throw Trouble.of("pattern.refused.caption-too-long", caption.length(), MOST_LETTERS);
        }
    }
}
