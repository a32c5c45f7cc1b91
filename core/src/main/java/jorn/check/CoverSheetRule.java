package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.book.ApprovedCover;
import jorn.book.CoverPlan;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.say.Message;

/** A cover that is delivered on a fixed sheet must fit it; one that was called right for other measures is stale. */
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
                            Message.of("check.cover-sheet.do"))
                    .by(Clause.COVER.of(proof)));
        }
        if (proof.cover().isDelivered()) {
            proof.book().cover().plan().flatMap(CoverPlan::approved).ifPresent(then -> stale(proof, then, found));
        }
    }

    private static void stale(Proof proof, ApprovedCover then, Consumer<Finding> found) {
        var now = proof.cover().figures();
        ApprovedCover measures = new ApprovedCover(
                now.width().length(), now.height().length(), now.spine().length());
        if (measures.differsFrom(then)) {
            found.accept(new Finding(
                            "cover.size",
                            Severity.WARNING,
                            Place.cover(Optional.empty()),
                            Message.of("check.cover-sheet.stale"),
                            Message.of("check.cover-sheet.spine-then", proof.text(then.spine())),
                            Message.of("check.cover-sheet.spine-now", proof.text(measures.spine())),
                            Message.of("check.cover-sheet.stale.do"))
                    .mendedBy(Mend.of(
                            b -> b.withCover(b.cover()
                                    .withPlan(b.cover().plan().map(p -> p.withApproved(Optional.of(measures))))),
                            "approve")));
        }
    }
}
