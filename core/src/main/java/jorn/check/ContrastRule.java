package jorn.check;

import java.util.Optional;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.say.Message;

/**
 * Words must stand out from what is behind them. The contrast of two inks is that of WCAG 2.2, "contrast ratio"; in print, words with
 * less than 2 to 1 are lost (common practice). Words on a picture are not judged.
 */
final class ContrastRule extends MarkRule {
    private static final double LEAST = 2;

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        Behind behind = new Behind();
        for (Standing s : seen.standing()) {
            if (s.mark() instanceof Mark.Words words) {
                Optional<Double> contrast =
                        behind.of(s).map(ground -> Behind.seen(words.ink(), s).contrast(ground));
                if (contrast.filter(c -> c < LEAST).isPresent()
                        && !words.run().text().isBlank()) {
                    return Optional.of(finding(seen, s, contrast.get()));
                }
            } else {
                behind.add(s);
            }
        }
        return Optional.empty();
    }

    private static Finding finding(Seen seen, Standing standing, double contrast) {
        return new Finding(
                "text.contrast",
                Severity.WARNING,
                seen.place().apply(standing.bounds()),
                Message.of("check.contrast.found"),
                Message.of("check.contrast.ratio", Numeral.under(contrast, 2)),
                Message.of("check.contrast.required", Numeral.trimmed(LEAST, 0)),
                Message.of("check.contrast.do"));
    }
}
