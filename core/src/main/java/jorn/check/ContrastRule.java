package jorn.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
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
    private static final Ink PAPER = Ink.hex("FFFFFF");

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        List<Standing> grounds = new ArrayList<>();
        for (Standing s : seen.standing()) {
            if (s.mark() instanceof Mark.Words words) {
                Optional<Double> contrast = contrast(s, words, grounds);
                if (contrast.isPresent()
                        && contrast.get() < LEAST
                        && !words.run().text().isBlank()) {
                    return Optional.of(finding(seen, s, contrast.get()));
                }
            } else if (s.mark() instanceof Mark.Fill
                    || s.mark() instanceof Mark.Shade
                    || s.mark() instanceof Mark.Image
                    || s.mark() instanceof Mark.Foreign) {
                grounds.add(s);
            }
        }
        return Optional.empty();
    }

    /** Against the last ground that lies under the middle of the words; nothing where that is no ink. */
    private static Optional<Double> contrast(Standing standing, Mark.Words words, List<Standing> grounds) {
        Box b = standing.bounds();
        Box middle = new Box(b.x() + b.width() / 2, b.y() + b.height() / 2, 0, 0);
        Ink behind = PAPER;
        for (int i = grounds.size() - 1; i >= 0; i--) {
            Standing ground = grounds.get(i);
            if (ground.bounds().holds(middle)) {
                if (!(ground.mark() instanceof Mark.Fill fill)) {
                    return Optional.empty();
                }
                if (!fill.path().isBox() && !fill.path().holds(middle.x(), middle.y(), ground.at())) {
                    // One path may be many shapes: between them the ground below is seen.
                    continue;
                }
                behind = seen(fill.ink(), ground);
                break;
            }
        }
        return Optional.of(seen(words.ink(), standing).contrast(behind));
    }

    private static Ink seen(Ink ink, Standing standing) {
        return standing.opacity() == 1 ? ink : ink.faded(standing.opacity());
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
