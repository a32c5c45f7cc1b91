package jorn.check;

import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Severity;
import jorn.measure.Length;
import jorn.say.Message;

/** A square that is to be ticked must be 4 mm wide or more for a pen (common practice). */
final class SquareRule extends ArtRule {
    private static final double LEAST = Length.mm(4).points();
    /** Half of a hairline; rounding to the book's pitch. */
    private static final double SLACK = 0.3;
    /** Less is no square but an ornament. */
    private static final double TINY = 3;

    @Override
    Optional<Finding> look(Proof proof, jorn.edition.Edition.Sighting sighting) {
        return sighting.standing().stream()
                .filter(SquareRule::isSmallSquare)
                .findFirst()
                .map(s -> new Finding(
                        "square.small",
                        Severity.WARNING,
                        Finding.Place.page(sighting.slot().number(), s.bounds()),
                        Message.of("check.square.found"),
                        Message.plain(proof.text(Length.points(s.bounds().width()))),
                        Message.of("check.square.required", proof.text(Length.points(LEAST))),
                        Message.of("check.square.do")));
    }

    private static boolean isSmallSquare(Standing standing) {
        Box b = standing.bounds();
        return standing.mark() instanceof Mark.Stroke stroke
                && Math.abs(b.width() - b.height()) < 0.05
                && b.width() > TINY
                && b.width() < LEAST - SLACK
                && stroke.path().isBox();
    }
}
