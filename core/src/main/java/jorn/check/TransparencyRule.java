package jorn.check;

import java.util.Optional;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** What shines through is refused by presses that take no transparency, by the profile's clause; Jorn mixes it when it writes the file. */
final class TransparencyRule extends MarkRule {
    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        boolean taken =
                proof.book().brief().press().pdf().map(p -> p.transparency()).orElse(true);
        if (taken) {
            return Optional.empty();
        }
        return seen.standing().stream().filter(s -> s.opacity() < 1).findFirst().map(s -> new Finding(
                        "transparency",
                        Severity.NOTE,
                        seen.place().apply(s.bounds()),
                        Message.of("check.transparency.found", proof.press()),
                        Message.of("check.transparency.per-cent", Math.round(s.opacity() * 100)),
                        Message.of("check.transparency.required"),
                        Message.of("check.transparency.do"))
                .by(Clause.PDF.of(proof)));
    }
}
