package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.deliver.FileStandard;
import jorn.say.Message;

/** A press may want a PDF standard that Jorn does not write. */
final class PdfStandardRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        proof.book()
                .brief()
                .press()
                .pdf()
                .flatMap(p -> p.standard())
                .filter(standard -> FileStandard.of(standard).isEmpty())
                .ifPresent(standard -> found.accept(new Finding(
                                "pdf.standard",
                                Severity.WARNING,
                                Place.book(),
                                Message.of("check.pdf-standard.found", proof.press(), standard),
                                Message.of("check.pdf-standard.measured"),
                                Message.plain(standard),
                                Message.of("check.pdf-standard.do"))
                        .by(Clause.PDF.of(proof))));
    }
}
