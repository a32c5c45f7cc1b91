package jorn.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import jorn.book.Pagination.Slot;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Length;

/** What stands on a page must have the room that it wants; a smaller trim or wider margins may take it away. */
final class FitRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Set<String> seen = new HashSet<>();
        for (Slot slot : proof.pagination().slots()) {
            if (slot.isBlank() || !seen.add(proof.book().variantOf(slot))) {
                continue;
            }
            List<Double> wants = proof.composer().wantedAndGiven(slot.number());
            if (wants.get(0) > wants.get(1) + 0.5) {
                found.accept(new Finding(
                        "fit",
                        Severity.ERROR,
                        Place.page(slot.number()),
                        "The page design “"
                                + proof.book().recipeOf(slot).name()
                                + "” no longer fits this page, so its parts are squeezed.",
                        proof.text(Length.points(wants.get(0))) + " high",
                        proof.text(Length.points(wants.get(1))) + " of room",
                        "Choose a larger trim, narrower margins, or another design."));
            }
        }
    }
}
