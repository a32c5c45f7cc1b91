package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.block.cover.SpineLine;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Numeral;
import jorn.press.BindingOffer.SpineText;

/** Text on the spine needs enough pages, and room clear of the folds. */
final class SpineTextRule implements Rule {
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
            found.accept(new Finding(
                    "spine-text",
                    Severity.WARNING,
                    Place.cover(proof.cover().spineBox()),
                    "The spine is too thin for text, so Jorn leaves it off.",
                    pages + " pages",
                    rule.map(r -> r.minPages() + " pages or more at " + proof.press())
                            .orElse("no spine text at " + proof.press()),
                    "Add pages, or switch the spine text off."));
            return;
        }
        double size = proof.edition().cover().spineTypeSize();
        if (size < SpineLine.SMALLEST) {
            found.accept(new Finding(
                    "spine-text",
                    Severity.WARNING,
                    Place.cover(proof.cover().spineBox()),
                    "The words do not fit on the spine in a size that can be read, so Jorn leaves them off.",
                    Numeral.trimmed(size, 1) + " pt",
                    Numeral.trimmed(SpineLine.SMALLEST, 1) + " pt or more",
                    "Shorten the title, add pages, or switch the spine text off."));
        }
    }
}
