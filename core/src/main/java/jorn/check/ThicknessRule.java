package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Figure;
import jorn.measure.Quantity.Precision;
import jorn.say.Message;

/** Staples and coils hold only so much. */
final class ThicknessRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        var offer = proof.book().brief().offer();
        Figure block = proof.cover().figures().block();
        offer.maxThickness()
                .filter(most -> block.length().compareTo(most) > 0)
                .ifPresent(most -> found.accept(new Finding(
                        "book.thickness",
                        Severity.ERROR,
                        Place.book(),
                        Message.of("check.thickness.found", offer.inWords()),
                        Message.plain(block.length().format(proof.unit(), Precision.EXACT)),
                        Message.of("check.thickness.required", proof.text(most)),
                        Message.of("check.thickness.do"))));
    }
}
