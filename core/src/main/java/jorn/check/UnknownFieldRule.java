package jorn.check;

import java.util.List;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;

/** What the book's file says beside is kept, but has no say in how the book is drawn. */
final class UnknownFieldRule implements Rule {
    private static final int NAMED = 3;

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        List<String> paths = proof.book().unknownFields();
        if (!paths.isEmpty()) {
            String more = paths.size() > NAMED ? " and " + (paths.size() - NAMED) + " more" : "";
            found.accept(new Finding(
                    "unknown-field",
                    Severity.NOTE,
                    Place.book(),
                    "The book's file says something that this Jorn does not know. It is kept and written back, but not printed.",
                    String.join(", ", paths.subList(0, Math.min(NAMED, paths.size()))) + more,
                    "",
                    "Print the book with the newer Jorn that made it, if it should be as meant there."));
        }
    }
}
