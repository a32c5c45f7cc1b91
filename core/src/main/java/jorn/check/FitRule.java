package jorn.check;

import java.util.List;
import java.util.Optional;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.layout.Lack;
import jorn.makeup.PageComposer.LackOfPart;
import jorn.measure.Length;
import jorn.say.Message;
import jorn.say.Wording;

/** What stands on a page must have the room that it wants; a smaller trim, wider margins or longer words may take it away. */
final class FitRule extends ArtRule {
    /** Less than the eye sees, in points. */
    private static final double SLACK = 0.5;

    /** Whether a page has the room that its design wants. */
    static boolean fits(Proof proof, int page) {
        List<Double> wants = proof.edition().pages().wantedAndGiven(page);
        return wants.get(0) <= wants.get(1) + SLACK;
    }

    private static Finding lacking(int page, LackOfPart part) {
        List<Lack.Remedy> remedies = part.lack().remedies();
        return new Finding(
                "page.fit",
                Severity.ERROR,
                Place.page(page, part.placed().box()),
                part.lack().says(),
                Message.NOTHING,
                Message.NOTHING,
                remedies.isEmpty()
                        ? Message.of("check.fit.do")
                        : Message.of("check.fit.do-so", remedies.get(0).says().text()));
    }

    @Override
    Optional<Finding> look(Proof proof, Sighting sighting) {
        int page = sighting.slot().number();
        Optional<LackOfPart> lack = proof.edition().pages().lacks(page).stream().findFirst();
        if (lack.isPresent()) {
            return lack.map(l -> lacking(page, l));
        }
        if (fits(proof, page)) {
            return Optional.empty();
        }
        List<Double> wants = proof.edition().pages().wantedAndGiven(page);
        return Optional.of(new Finding(
                "page.fit",
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
