package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** A book that is sold needs a title. */
final class TitleRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (proof.book().title().isBlank()) {
            found.accept(new Finding(
                    "cover.title",
                    Severity.WARNING,
                    Place.cover(java.util.Optional.empty()),
                    Message.of("check.title.found"),
                    Message.of("check.title.measured"),
                    Message.of("check.title.required"),
                    Message.of("check.title.do")));
        }
    }
}
