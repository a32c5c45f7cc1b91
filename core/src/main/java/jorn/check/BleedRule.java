package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;

/** What runs off the page needs a press that prints beyond the trim. */
final class BleedRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (!proof.book().bleeds()) {
            return;
        }
        if (proof.page().bleed().length().isZero()) {
            found.accept(new Finding(
                    "bleed",
                    Severity.ERROR,
                    Place.page(firstBleeding(proof)),
                    "Lines run off the page, but " + proof.press() + " cannot print up to the edge.",
                    "art at the edge",
                    "art within the margins",
                    "Keep the lines within the margins."));
        } else if (proof.book().runs().stream().noneMatch(r -> r.recipe().reachesEdge())) {
            found.accept(new Finding(
                    "bleed",
                    Severity.NOTE,
                    Place.book(),
                    "The file has bleed although nothing runs off the page.",
                    "bleed " + proof.text(proof.page().bleed().length()),
                    "",
                    "Leave it, or take the bleed away in the brief."));
        }
    }

    private static int firstBleeding(Proof proof) {
        return proof.pagination().slots().stream()
                .filter(s -> !s.isBlank()
                        && proof.book().runs().get(s.run()).recipe().reachesEdge())
                .mapToInt(s -> s.number())
                .findFirst()
                .orElse(1);
    }
}
