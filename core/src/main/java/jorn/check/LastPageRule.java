package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** The last page must be blank where the press prints a code of its own there. */
final class LastPageRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        int last = proof.pagination().pageCount();
        boolean kept = proof.book().brief().press().limits().lastPageBlank();
        if (kept && !proof.pagination().page(last).isBlank()) {
            found.accept(new Finding(
                            "page.last",
                            Severity.ERROR,
                            Place.page(last),
                            Message.of("check.last-page.found", proof.press()),
                            Message.NOTHING,
                            Message.of("check.last-page.required"),
                            Message.of("check.last-page.do"))
                    .by(Clause.LIMITS.of(proof)));
        }
    }
}
