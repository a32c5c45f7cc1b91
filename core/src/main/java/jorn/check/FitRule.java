package jorn.check;

import java.util.List;
import java.util.Optional;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.measure.Length;
import jorn.say.Message;
import jorn.say.Wording;

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
                Message.of(
                        "check.fit.found",
                        proof.book().recipeOf(sighting.slot()).name()),
                Message.plain(Wording.of("check.fit.high", proof.text(Length.points(wants.get(0))))),
                Message.of("check.fit.required", proof.text(Length.points(wants.get(1)))),
                Message.of("check.fit.do")));
    }
}
