package jorn.check;

import java.util.function.Consumer;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.cover.FrontGround;
import jorn.cover.Judgement;
import jorn.measure.Numeral;
import jorn.say.Message;

/** A book that is sold needs a title, and one that is read where books are sold. */
final class TitleRule implements Rule {
    @Override
    public void look(Proof proof, Consumer<Finding> found) {
        boolean covered = proof.cover().isDelivered() || proof.book().hasCoverOnPages();
        boolean shown =
                covered || proof.book().runs().stream().anyMatch(r -> r.recipe().shows("title"));
        if (proof.book().title().isBlank() && !shown) {
            // Nothing is bare without it.
            return;
        }
        if (proof.book().title().isBlank()) {
            found.accept(new Finding(
                    "cover.title",
                    Severity.WARNING,
                    Place.cover(java.util.Optional.empty()),
                    Message.of("check.title.found"),
                    Message.of("check.title.measured"),
                    Message.of("check.title.required"),
                    Message.of("check.title.do")));
        } else if (covered && !proof.edition().cover().parts().isEmpty()) {
            small(proof, found);
        }
    }

    /** Buyers see the front as high as a stamp: about 160 pixels. */
    private static void small(Proof proof, Consumer<Finding> found) {
        FrontGround paper = new FrontGround(1, 1, new int[] {0xFFFFFF});
        Judgement judged = Judgement.of(proof.book(), proof.edition().cover(), paper);
        if (judged.xHeightAt160() > 0 && !judged.reads()) {
            found.accept(new Finding(
                    "cover.title",
                    Severity.WARNING,
                    Place.cover(java.util.Optional.of(proof.cover().front())),
                    Message.of("check.title.small"),
                    Message.of("check.title.pixels", Numeral.under(judged.xHeightAt160(), 1)),
                    Message.of("check.title.pixels-required", Numeral.trimmed(Judgement.READ, 0)),
                    Message.of("check.title.small.do")));
        }
    }
}
