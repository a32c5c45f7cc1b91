package jorn.check;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.press.HolePattern;
import jorn.say.Message;

/** What stands where a hole is punched is lost. A ground that goes on all round the hole, and lines across it, are not. */
final class HolesRule extends ArtRule {
    /** A hole is punched a little askew (common practice): 1 mm. */
    private static final double ASKEW = 2.83;

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        List<Box> holes = proof.page().holes(sighting.slot().side());
        if (holes.isEmpty()) {
            return Optional.empty();
        }
        Box page = sighting.art().trim();
        for (Standing standing : sighting.standing()) {
            for (Box hole : holes) {
                boolean hit = !standing.bounds().common(hole.outset(ASKEW)).isEmpty();
                if (hit && isLost(standing, page)) {
                    return Optional.of(finding(proof, sighting, standing));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isLost(Standing standing, Box page) {
        if (standing.mark() instanceof Mark.Words) {
            return true;
        }
        Box b = standing.bounds();
        boolean ground = b.width() > page.width() / 2 || b.height() > page.height() / 2;
        return !ground && !(standing.mark() instanceof Mark.Stroke);
    }

    private static Finding finding(Proof proof, Sighting sighting, Standing standing) {
        HolePattern pattern = proof.book().brief().holes().orElseThrow();
        return new Finding(
                "holes.ink",
                Severity.WARNING,
                Place.page(sighting.slot().number(), standing.bounds()),
                Message.of("check.holes.found"),
                Message.plain(pattern.called()),
                Message.of("check.holes.required", proof.text(pattern.clear())),
                Message.of("check.holes.do"));
    }
}
