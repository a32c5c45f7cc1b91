package jorn.check;

import java.util.Optional;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.say.Message;

/** Words must be large enough to be read: under 6.5 pt few can (common practice). Those on the spine have a rule of their own. */
final class TextSizeRule extends MarkRule {
    private static final double SMALLEST = 6.5;
    private static final double SLACK = 0.01;

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        return seen.standing().stream()
                .filter(s -> s.mark() instanceof Mark.Words w
                        && !w.run().text().isBlank()
                        && size(s, w) < SMALLEST - SLACK
                        && !(seen.onCover() && onSpine(proof, s)))
                .findFirst()
                .map(s -> finding(seen, s, size(s, (Mark.Words) s.mark())));
    }

    private static boolean onSpine(Proof proof, Standing standing) {
        return proof.cover().spineBox().filter(b -> b.meets(standing.bounds())).isPresent();
    }

    private static double size(Standing standing, Mark.Words words) {
        return words.run().size() * standing.at().enlarges();
    }

    private static Finding finding(Seen seen, Standing standing, double size) {
        return new Finding(
                "text.small",
                Severity.WARNING,
                seen.place().apply(standing.bounds()),
                Message.of("check.text-size.found"),
                Message.of("check.text-size.pt", Numeral.under(size, 2)),
                Message.of("check.text-size.required", Numeral.trimmed(SMALLEST, 1)),
                Message.of("check.text-size.do"));
    }
}
