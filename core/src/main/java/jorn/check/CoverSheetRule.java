package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** A cover that is delivered on a fixed sheet must fit it. */
final class CoverSheetRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (proof.cover().isDelivered() && !proof.cover().fitsSheet()) {
            var sheet = proof.cover().figures().sheet();
            found.accept(new Finding(
                    "cover.size",
                    Severity.ERROR,
                    Place.cover(Optional.empty()),
                    Message.of("check.cover-sheet.found", proof.press()),
                    Message.plain(proof.cover().figures().width().text(proof.unit()) + " × "
                            + proof.cover().figures().height().text(proof.unit())),
                    Message.plain(sheet.get(0).text(proof.unit()) + " × "
                            + sheet.get(1).text(proof.unit())),
                    Message.of("check.cover-sheet.do")));
        }
    }
}
