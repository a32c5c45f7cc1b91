package jorn.check;

import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** A tint is dots: under 3 per cent they are lost, over 97 they close (common practice). Looked for in areas of black ink; dots of a ruling are judged
 * as lines. */
final class TintRule extends MarkRule {
    private static final double LEAST = 0.03;
    private static final double MOST = 0.97;
    private static final double SLACK = 1e-6;

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        return seen.standing().stream()
                .filter(s -> strength(s).filter(TintRule::isLost).isPresent())
                .findFirst()
                .map(s -> new Finding(
                        "ink.tint",
                        Severity.NOTE,
                        seen.place().apply(s.bounds()),
                        Message.of(strength(s).orElseThrow() < LEAST ? "check.tint.vanishes" : "check.tint.fills"),
                        Message.of("check.line.grey", Math.round(strength(s).orElseThrow() * 100)),
                        Message.of("check.tint.required"),
                        Message.of("check.tint.do")));
    }

    private static Optional<Double> strength(Standing s) {
        return s.mark() instanceof Mark.Fill f && f.ink() instanceof Ink.Black b && !LineRule.isDot(s)
                ? Optional.of(b.strength() * s.opacity())
                : Optional.empty();
    }

    private static boolean isLost(double strength) {
        return (strength > SLACK && strength < LEAST - SLACK) || (strength > MOST + SLACK && strength < 1 - SLACK);
    }
}
