package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;

/** A cover that is delivered on a fixed sheet must fit it. */
final class CoverSheetRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (proof.cover().isDelivered() && !proof.cover().fitsSheet()) {
            var sheet = proof.cover().figures().sheet();
            found.accept(new Finding(
                    "cover-sheet",
                    Severity.ERROR,
                    Place.cover(Optional.empty()),
                    "The cover is larger than the sheet on which " + proof.press() + " wants it.",
                    proof.cover().figures().width().text(proof.unit()) + " × "
                            + proof.cover().figures().height().text(proof.unit()),
                    sheet.get(0).text(proof.unit()) + " × " + sheet.get(1).text(proof.unit()),
                    "Choose a smaller trim, or fewer pages."));
        }
    }
}
