package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.measure.Size;
import jorn.say.Message;

/** The press makes certain sizes only. */
final class TrimRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        Size trim = proof.book().brief().trim();
        if (!proof.book().brief().press().takes(trim)) {
            Size nearest = proof.book().brief().press().nearestTrim(trim);
            found.accept(new Finding(
                            "page.size",
                            Severity.ERROR,
                            Place.book(),
                            Message.of("check.trim.found", proof.press()),
                            Message.plain(trim.format(proof.unit())),
                            Message.of("check.trim.required", nearest.format(proof.unit())),
                            Message.of("check.trim.do", nearest.format(proof.unit())))
                    .by(Clause.TRIMS.of(proof))
                    .mendedBy(Mend.of(
                            b -> b.withBrief(b.brief().withTrim(nearest)), "trim", nearest.format(proof.unit()))));
        }
    }
}
