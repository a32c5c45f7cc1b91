package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.block.cover.SpineLine;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.press.BindingOffer.SpineText;
import jorn.say.Message;
import jorn.say.Wording;

/** Text on the spine needs enough pages, and room clear of the folds. */
final class SpineTextRule implements Rule {
    private static Mend bare() {
        return Mend.of(b -> b.withCover(b.cover().withSpineText(false)), "bare-spine");
    }

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (!proof.book().cover().spineText()
                || proof.book().title().isBlank()
                || !proof.cover().isDelivered()
                || proof.cover().spineBox().isEmpty()) {
            return;
        }
        Optional<SpineText> rule = proof.book().brief().offer().spineText();
        int pages = proof.pagination().pageCount();
        if (rule.isEmpty() || pages < rule.get().minPages()) {
            if (proof.book().cover().plan().isPresent()) {
                // A composed cover leaves such a spine bare of itself, and its bench says so.
                return;
            }
            found.accept(new Finding(
                            "spine.text",
                            Severity.WARNING,
                            Place.cover(proof.cover().spineBox()),
                            Message.of("check.spine-text.found"),
                            Message.of("check.spine-text.pages", pages),
                            Message.plain(rule.map(r -> Wording.of(
                                            "check.spine-text.pages-or-more-at", r.minPages(), proof.press()))
                                    .orElse(Wording.of("check.spine-text.no-spine-text-at", proof.press()))),
                            Message.of("check.spine-text.do"))
                    .by(Clause.BINDINGS.of(proof))
                    .mendedBy(bare()));
            return;
        }
        double size = proof.edition().cover().spineTypeSize();
        if (size < SpineLine.SMALLEST) {
            found.accept(new Finding(
                            "spine.text",
                            Severity.WARNING,
                            Place.cover(proof.cover().spineBox()),
                            Message.of("check.spine-text.found-2"),
                            Message.of("check.spine-text.pt", Numeral.under(size, 2)),
                            Message.of("check.spine-text.required", Numeral.trimmed(SpineLine.SMALLEST, 1)),
                            Message.of("check.spine-text.do-2"))
                    .mendedBy(bare()));
        }
    }
}
