package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.art.Ink;
import jorn.layout.Align;

/**
 * How words on a cover are dressed; what is absent stays as the composition has it.
 *
 * @param align where lines begin
 * @param tracking room between letters in type sizes, -0.1 to 0.6
 * @param leading from line to line in type sizes, 0.7 to 2
 * @param curve how far the line is bent, in degrees of a circle: above 0 like a hill, below 0 like a bowl; -180 to 180
 * @param outline colour of a line round the letters
 * @param shadow colour of a hard shadow below them
 * @param panel colour of a panel behind them
 */
@RecordBuilder
public record LetterDress(
        Optional<Align> align,
        Optional<Double> tracking,
        Optional<Double> leading,
        Optional<Double> curve,
        Optional<Ink> outline,
        Optional<Ink> shadow,
        Optional<Ink> panel)
        implements LetterDressBuilder.With {
    /** As the composition has it. */
    public static final LetterDress PLAIN = new LetterDress(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public LetterDress {
        align = align == null ? Optional.empty() : align;
        tracking = within(tracking, -0.1, 0.6);
        leading = within(leading, 0.7, 2);
        curve = within(curve, -180, 180);
        outline = outline == null ? Optional.empty() : outline;
        shadow = shadow == null ? Optional.empty() : shadow;
        panel = panel == null ? Optional.empty() : panel;
    }

    private static Optional<Double> within(Optional<Double> wanted, double least, double most) {
        return wanted == null ? Optional.empty() : wanted.map(v -> Math.min(most, Math.max(least, v)));
    }
}
