package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** An ISBN belongs to one book in one form (ISO 2108, 4). */
final class IsbnRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        String own = proof.book().isbn().replaceAll("[^0-9X]", "");
        Optional.ofNullable(own.isEmpty() ? null : proof.others().get(own))
                .ifPresent(other -> found.accept(new Finding(
                        "isbn.twice",
                        Severity.ERROR,
                        Place.book(),
                        Message.of("check.isbn.found", other),
                        Message.plain(proof.book().isbn()),
                        Message.of("check.isbn.required"),
                        Message.of("check.isbn.do"))));
    }
}
