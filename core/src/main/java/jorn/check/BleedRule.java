package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;

/** What runs off the page needs a press that prints beyond the trim; bleed without anything that runs off is not needed. */
final class BleedRule implements PageRule {
    /** Art that only comes near the edge is inside, in points. */
    private static final double TOUCHING = 0.05;

    private Optional<Finding> runsOff = Optional.empty();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        if (runsOff.isEmpty() && proof.page().bleeds()) {
            Box inside = sighting.art().trim().inset(TOUCHING);
            runsOff = sighting.standing().stream()
                    .filter(s -> !inside.holds(s.bounds()))
                    .findFirst()
                    .map(s -> finding(proof, sighting, s));
        }
    }

    private static Finding finding(Proof proof, Sighting sighting, Standing standing) {
        return new Finding(
                "bleed",
                Severity.ERROR,
                Place.page(sighting.slot().number(), standing.bounds()),
                "Something runs off the page, but " + proof.press() + " cannot print up to the edge.",
                "art at the edge",
                "art within the margins",
                "Keep lines and pictures within the margins.");
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        if (!proof.page().bleeds()) {
            return;
        }
        if (runsOff.isEmpty()) {
            found.accept(new Finding(
                    "bleed",
                    Severity.NOTE,
                    Place.book(),
                    "The file has bleed although nothing runs off the page.",
                    "bleed " + proof.text(proof.page().bleed().length()),
                    "",
                    "Leave it, or take the bleed away in the brief."));
        } else if (proof.page().bleed().length().isZero()) {
            found.accept(runsOff.get());
        }
    }
}
