package jorn.check;

import java.util.Optional;
import jorn.art.Ink;
import jorn.art.MarkInks;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.deliver.ColourPolicy;
import jorn.press.PdfRule;
import jorn.say.Message;

/** More ink in one place than the press takes does not dry: the sum of the four inks, in per cent, by the profile's clause. */
final class CoverageRule extends MarkRule {
    private static final double SLACK = 0.5;

    @Override
    Optional<Finding> look(Proof proof, Seen seen) {
        Optional<Integer> most = proof.book().brief().press().pdf().flatMap(PdfRule::totalInk);
        return most.flatMap(m -> seen.standing().stream()
                .filter(s -> total(s) > m + SLACK)
                .findFirst()
                .map(s -> finding(proof, seen, s, m)));
    }

    /** In per cent. */
    private static double total(Standing standing) {
        return MarkInks.of(standing.mark())
                .map(ColourPolicy.FOUR_INKS::ink)
                .map(i -> i instanceof Ink.Spot spot ? ColourPolicy.FOUR_INKS.ink(spot.full()) : i)
                .map(i -> i instanceof Ink.Cmyk four ? four.total() * 100 * standing.opacity() : 0.0)
                .orElse(0.0);
    }

    private static Finding finding(Proof proof, Seen seen, Standing standing, int most) {
        return new Finding(
                        "ink.coverage",
                        Severity.ERROR,
                        seen.place().apply(standing.bounds()),
                        Message.of("check.coverage.found", proof.press()),
                        Message.of("check.coverage.per-cent", Math.round(total(standing))),
                        Message.of("check.coverage.required", most),
                        Message.of("check.coverage.do"))
                .by(Clause.PDF.of(proof));
    }
}
