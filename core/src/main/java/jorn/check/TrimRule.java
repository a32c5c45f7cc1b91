package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Size;

/** The press makes certain sizes only. */
final class TrimRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Size trim = proof.book().brief().trim();
        if (!proof.book().brief().press().takes(trim)) {
            Size nearest = proof.book().brief().press().nearestTrim(trim);
            found.accept(new Finding(
                    "trim-size",
                    Severity.ERROR,
                    Place.book(),
                    proof.press() + " does not make books of this size.",
                    trim.format(proof.unit()),
                    nearest.format(proof.unit()) + ", or another that it lists",
                    "Change the trim to " + nearest.format(proof.unit()) + "; the pages lay themselves out anew."));
        }
    }
}
