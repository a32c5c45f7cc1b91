package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** No words may stand where the barcode is printed. Looked for in the cover's art. */
final class BarcodeRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (!proof.cover().isDelivered() || proof.cover().barcode().isEmpty()) {
            return;
        }
        Box barcode = proof.cover().barcode().get();
        for (Marks.Standing standing :
                Marks.standing(proof.edition().cover().plane().marks())) {
            if (standing.mark() instanceof Mark.Words && standing.bounds().meets(barcode)) {
                found.accept(new Finding(
                        "barcode",
                        Severity.ERROR,
                        Place.cover(Optional.of(standing.bounds())),
                        Message.of("check.barcode.found"),
                        Message.NOTHING,
                        Message.of("check.barcode.required"),
                        Message.of("check.barcode.do")));
                return;
            }
        }
    }
}
