package jorn.check;

import java.util.Optional;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.say.Message;

/**
 * Words must be large enough to be printed: under 6 pt a press refuses them or breaks them up, under 8 pt light words on a dark ground fill with ink
 * (common practice). Designs of Jorn keep 6.5 pt. Those on the spine have a rule of their own.
 */
final class TextSizeRule extends MarkRule {
    private static final double SMALLEST = 6;
    /** What designs keep. */
    private static final double DESIGNED = 6.5;

    private static final double SMALLEST_REVERSED = 8;
    private static final double SLACK = 0.01;
    /** A ground that is darker than this fills letters (common practice). */
    private static final double DARK = 0.25;

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        Behind behind = new Behind();
        for (Standing s : seen.standing()) {
            if (!(s.mark() instanceof Mark.Words w)) {
                behind.add(s);
                continue;
            }
            double size = size(s, w);
            if (size >= SMALLEST_REVERSED - SLACK
                    || w.run().text().isBlank()
                    || (seen.onCover() && onSpine(proof, s))) {
                continue;
            }
            boolean reversed = behind.of(s)
                    .filter(ground -> ground.luminance() < DARK && w.ink().luminance() > ground.luminance())
                    .isPresent();
            if (reversed || size < DESIGNED - SLACK) {
                return Optional.of(finding(seen, s, size, reversed));
            }
        }
        return Optional.empty();
    }

    private static boolean onSpine(Proof proof, Standing standing) {
        return proof.cover().spineBox().filter(b -> b.meets(standing.bounds())).isPresent();
    }

    private static double size(Standing standing, Mark.Words words) {
        return words.run().size() * standing.at().enlarges();
    }

    private static Finding finding(Seen seen, Standing standing, double size, boolean reversed) {
        return new Finding(
                "text.small",
                reversed || size < SMALLEST - SLACK ? Severity.WARNING : Severity.NOTE,
                seen.place().apply(standing.bounds()),
                Message.of(
                        reversed
                                ? "check.text-size.reversed"
                                : size < SMALLEST - SLACK ? "check.text-size.found" : "check.text-size.few"),
                Message.of("check.text-size.pt", Numeral.under(size, 2)),
                Message.of("check.text-size.required", Numeral.trimmed(reversed ? SMALLEST_REVERSED : DESIGNED, 1)),
                Message.of(reversed ? "check.text-size.reversed.do" : "check.text-size.do"));
    }
}
