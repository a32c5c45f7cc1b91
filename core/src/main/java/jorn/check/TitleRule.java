package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;

/** A book that is sold needs a title. */
final class TitleRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (proof.book().title().isBlank()) {
            found.accept(new Finding(
                    "title",
                    Severity.WARNING,
                    Place.cover(java.util.Optional.empty()),
                    "The book has no title, so its cover and title page are bare.",
                    "no title",
                    "a title",
                    "Write a title in the brief."));
        }
    }
}
