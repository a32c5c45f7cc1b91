package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;

/** A press may want a PDF standard that Jorn does not write. */
final class PdfStandardRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        proof.book()
                .brief()
                .press()
                .pdf()
                .flatMap(p -> p.standard())
                .ifPresent(standard -> found.accept(new Finding(
                        "pdf-standard",
                        Severity.WARNING,
                        Place.book(),
                        proof.press() + " wants " + standard + ", and Jorn writes ordinary PDF so far.",
                        "ordinary PDF",
                        standard,
                        "Ask the press whether it converts the file, or have it converted.")));
    }
}
