package jorn.check;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import jorn.book.DatedRuns;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.check.Finding.Place;
import jorn.check.Finding.Severity;
import jorn.edition.Edition.Sighting;
import jorn.say.Message;

/**
 * Pages that stand for a day, a week or a month, and of which several of a run have the very same: a planner full of one week. Told once of each
 * run, at the first page that repeats one.
 */
final class RepeatedDateRule implements PageRule {
    private record Shown(int run, int design, int round, Optional<LocalDate> from) {}

    /** On which page each was first seen. */
    private final Map<Shown, Integer> first = new HashMap<>();

    private final Set<Integer> told = new HashSet<>();

    @Override
    public void look(Proof proof, Sighting sighting, Consumer<Finding> found) {
        Slot slot = sighting.slot();
        Occasion occasion = slot.occasion();
        Run run = proof.book().runOf(slot);
        Optional<Span> stretch = DatedRuns.stretch(run);
        if (stretch.isEmpty()
                || proof.book().exceptionOf(slot).isPresent()
                || proof.book().calendar().from().isEmpty()) {
            return;
        }
        Integer before =
                first.putIfAbsent(new Shown(slot.run(), slot.design(), slot.round(), occasion.from()), slot.number());
        boolean dated = occasion.from().isPresent() || occasion.equals(Occasion.NONE);
        if (before != null && dated && told.add(slot.run())) {
            found.accept(new Finding(
                            "page.same",
                            Severity.WARNING,
                            Place.page(slot.number()),
                            Message.of("check.same.found", run.name(), before, slot.number()),
                            Message.of("check.same.measured", before, slot.number()),
                            Message.of("check.same.required", stretch.get().each()),
                            Message.of("check.same.do"))
                    .mendedBy(Mend.of(
                            b -> b.withRun(slot.run(), r -> DatedRuns.counted(r, stretch.get())),
                            "count-by-calendar")));
        }
    }
}
