package jorn.check;

import java.util.List;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;
import jorn.say.Wording;

/** What the book's file says beside is kept, but has no say in how the book is drawn. */
final class UnknownFieldRule implements Rule {
    private static final int NAMED = 3;

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        List<String> paths = proof.book().unknownFields();
        if (!paths.isEmpty()) {
            String more = paths.size() > NAMED ? Wording.of("check.unknown-field.more", paths.size() - NAMED) : "";
            found.accept(new Finding(
                    "book.unknown",
                    Severity.NOTE,
                    Place.book(),
                    Message.of("check.unknown-field.found"),
                    Message.plain(String.join(", ", paths.subList(0, Math.min(NAMED, paths.size()))) + more),
                    Message.NOTHING,
                    Message.of("check.unknown-field.do")));
        }
    }
}
