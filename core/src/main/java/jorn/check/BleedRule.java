package jorn.check;

import java.util.Optional;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Marks.Standing;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/** What runs off the page needs a press that prints beyond the trim; bleed without anything that runs off is not needed. */
final class BleedRule implements PageRule {
    /** Art that only comes near the edge is inside, in points. */
    private static final double TOUCHING = 0.05;

    private Optional<Finding> runsOff = Optional.empty();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        if (runsOff.isEmpty() && (proof.page().bleeds() || proof.elsewhere().isPresent())) {
            Box inside = sighting.art().trim().inset(TOUCHING);
            runsOff = sighting.standing().stream()
                    .filter(s -> !inside.holds(s.bounds()))
                    .findFirst()
                    .map(s -> finding(proof, sighting, s));
        }
    }

    private static Finding finding(Proof proof, Sighting sighting, Standing standing) {
        return new Finding(
                        "bleed.missing",
                        Severity.ERROR,
                        Place.page(sighting.slot().number(), standing.bounds()),
                        Message.of("check.bleed.found", proof.press()),
                        Message.of("check.bleed.measured"),
                        Message.of("check.bleed.required"),
                        Message.of("check.bleed.do"))
                .by(Clause.BLEED.of(proof));
    }

    @Override
    public void end(Proof proof, Consumer<Finding> found) {
        if (!proof.page().bleeds()) {
            // A page of Jorn's own has bleed wherever something runs off it.
            runsOff.ifPresent(f -> found.accept(new Finding(
                    f.id(),
                    f.severity(),
                    f.place(),
                    Message.of("check.bleed.none"),
                    Message.of("check.bleed.measured"),
                    Message.of("check.bleed.wanted"),
                    Message.of("check.bleed.none.do"))));
            return;
        }
        if (runsOff.isEmpty() && proof.book().hasCoverOnPages()) {
            // The cover runs off its pages.
            return;
        }
        if (runsOff.isEmpty()) {
            found.accept(new Finding(
                            "bleed.missing",
                            Severity.NOTE,
                            Place.book(),
                            Message.of("check.bleed.found-2"),
                            Message.of(
                                    "check.bleed.bleed",
                                    proof.text(proof.page().bleed().length())),
                            Message.NOTHING,
                            Message.of("check.bleed.do-2"))
                    .by(Clause.BLEED.of(proof))
                    .mendedBy(Mend.of(b -> b.withBrief(b.brief().withBleed(false)), "no-bleed")));
        } else if (proof.page().bleed().length().isZero()) {
            found.accept(runsOff.get());
        }
    }
}
