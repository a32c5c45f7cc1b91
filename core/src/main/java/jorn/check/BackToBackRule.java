package jorn.check;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;
import jorn.book.Starter;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/**
 * Pictures to colour have blank backs, so that pens do not spoil the next one (common practice). Told of a colouring book in which both sides of a leaf
 * bear a picture of half a page or more.
 */
final class BackToBackRule implements PageRule {
    private final Map<Integer, Box> drawn = new HashMap<>();
    private boolean told;

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        if (told || !proof.book().starter().equals(Starter.COLOURING_BOOK.id())) {
            return;
        }
        int page = sighting.slot().number();
        Box trim = sighting.art().trim();
        sighting.standing().stream()
                .filter(s -> s.mark() instanceof Mark.Image || s.mark() instanceof Mark.Foreign)
                .map(Standing::bounds)
                .filter(b -> b.width() * b.height() >= trim.width() * trim.height() / 2)
                .findFirst()
                .ifPresent(b -> drawn.put(page, b));
        // The two sides of a leaf are a recto and the verso behind it.
        if (page % 2 == 0 && drawn.containsKey(page) && drawn.containsKey(page - 1)) {
            told = true;
            found.accept(new Finding(
                    "page.backs",
                    Severity.WARNING,
                    Place.page(page, drawn.get(page)),
                    Message.of("check.backs.found"),
                    Message.of("check.backs.measured", page - 1, page),
                    Message.of("check.backs.required"),
                    Message.of("check.backs.do")));
        }
    }
}
