package jorn.check;

import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.art.PageArt;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Length;
import jorn.say.Message;

/**
 * What is drawn either stays inside the least margins or runs off over the trim; anything that stops between may be cut or
 * sink into the gutter.
 */
final class SafeAreaRule extends ArtRule {
    /** Half the weight of a hairline: art that only touches the line is inside. */
    private static final double TOUCHING = 0.01;

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        PageArt art = sighting.art();
        Box safe = proof.page().safe(sighting.slot().side());
        return sighting.standing().stream()
                .filter(s -> !s.bounds().isEmpty() || s.mark() instanceof Mark.Stroke)
                .filter(s -> !safe.holds(s.bounds()) && !runsOff(s, safe, art))
                .findFirst()
                .map(s -> finding(proof, sighting.slot().number(), s.bounds(), safe));
    }

    /** Whether a line or area leaves the page wherever it leaves the safe area; at the spine the trim itself is the edge. */
    private static boolean runsOff(Standing standing, Box safe, PageArt art) {
        if (standing.mark() instanceof Mark.Words) {
            return false;
        }
        Box b = standing.bounds();
        Box bleed = art.bleed();
        boolean across = b.x() <= bleed.x() + TOUCHING && b.right() >= bleed.right() - TOUCHING;
        // A picture in a corner leaves the page at its two outer sides and ends inside at the others.
        boolean atCorner = (b.x() >= safe.x() || b.x() <= bleed.x() + TOUCHING)
                && (b.right() <= safe.right() || b.right() >= bleed.right() - TOUCHING)
                && (b.y() >= safe.y() || b.y() <= bleed.y() + TOUCHING)
                && (b.bottom() <= safe.bottom() || b.bottom() >= bleed.bottom() - TOUCHING);
        return across || atCorner;
    }

    private static Finding finding(Proof proof, int page, Box b, Box safe) {
        double over = Math.max(
                Math.max(safe.x() - b.x(), b.right() - safe.right()),
                Math.max(safe.y() - b.y(), b.bottom() - safe.bottom()));
        return new Finding(
                "safe-area",
                Severity.ERROR,
                Place.page(page, b),
                Message.of("check.safe-area.found"),
                Message.of("check.safe-area.measured", proof.text(Length.points(over))),
                Message.of("check.safe-area.required"),
                Message.of("check.safe-area.do"));
    }
}
