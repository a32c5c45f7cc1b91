package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Length;
import jorn.say.Message;

/** No words may stand where the barcode is printed. Looked for in the cover's art. */
final class BarcodeRule implements Rule {
    /** What stands nearer than 2 mm makes a scanner stumble: at half size the quiet zone is 11 modules of 0.165 mm (ISO/IEC 15420). */
    private static final double QUIET = Length.mm(2).points();

    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        if (!proof.cover().isDelivered() || proof.cover().barcode().isEmpty()) {
            return;
        }
        Box barcode = proof.cover().barcode().get();
        for (Marks.Standing standing : proof.coverMarks()) {
            // On a composed cover lines are patterns of the ground: the symbol is printed on its own white.
            boolean stands = standing.mark() instanceof Mark.Words
                    || (standing.mark() instanceof Mark.Stroke
                            && proof.book().cover().plan().isEmpty());
            boolean under = standing.bounds().meets(barcode);
            if (stands && (under || standing.bounds().meets(barcode.outset(QUIET)))) {
                found.accept(finding(standing.bounds(), under).by(Clause.COVER.of(proof)));
                return;
            }
        }
    }

    private static Finding finding(Box at, boolean under) {
        return new Finding(
                under ? "barcode.area" : "barcode.quiet",
                under ? Severity.ERROR : Severity.WARNING,
                Place.cover(Optional.of(at)),
                Message.of(under ? "check.barcode.found" : "check.barcode.near"),
                Message.NOTHING,
                Message.of(under ? "check.barcode.required" : "check.barcode.quiet"),
                Message.of("check.barcode.do"));
    }
}
