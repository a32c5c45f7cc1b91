package jorn.check;

import java.util.List;
import java.util.Optional;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Length;

/** What stands on a page must have the room that it wants; a smaller trim, wider margins or longer words may take it away. */
final class FitRule extends ArtRule {
    /** Less than the eye sees, in points. */
    private static final double SLACK = 0.5;

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        int page = sighting.slot().number();
        List<Double> wants = proof.edition().pages().wantedAndGiven(page);
        if (wants.get(0) <= wants.get(1) + SLACK) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                "fit",
                Severity.ERROR,
                Place.page(page),
                "The page design “"
                        + proof.book().recipeOf(sighting.slot()).name()
                        + "” no longer fits this page, so its parts are squeezed.",
                proof.text(Length.points(wants.get(0))) + " high",
                proof.text(Length.points(wants.get(1))) + " of room",
                "Choose a larger trim, narrower margins, shorter words, or another design."));
    }
}
