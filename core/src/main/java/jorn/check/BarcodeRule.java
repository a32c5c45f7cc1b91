package jorn.check;

import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.cover.CoverArt;

/** No words may stand where the barcode is printed. Looked for in the cover's art. */
final class BarcodeRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (!proof.cover().isDelivered() || proof.cover().barcode().isEmpty()) {
            return;
        }
        Box barcode = proof.cover().barcode().get();
        for (Mark mark : CoverArt.of(proof.book(), proof.cover()).marks()) {
            if (mark instanceof Mark.Words words && words.bounds().meets(barcode)) {
                found.accept(new Finding(
                        "barcode",
                        Severity.ERROR,
                        Place.cover(java.util.Optional.of(words.bounds())),
                        "Words on the back stand where the barcode is printed.",
                        "",
                        "the lower corner of the back near the spine left free",
                        "Shorten the words on the back."));
                return;
            }
        }
    }
}
