package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.calendar.Span;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * Runs that are repeated together once for each month, week, day or quarter. Cycles may lie inside one another.
 *
 * @param name as people see it: "Each month"
 * @param per once for each of these
 * @param from index of its first run
 * @param to index after its last run
 * @param count how many times where the book is undated; the customary number where absent
 */
@RecordBuilder
public record Cycle(
        @Required String name, @Required Span per, @Required int from, @Required int to, Optional<Integer> count)
        implements CycleBuilder.With {
    public Cycle {
        count = count == null ? Optional.empty() : count;
        if (from < 0 || to <= from) {
            throw Trouble.of("book.cycle.cycle-holds-no-run", name);
        }
        if (count.isPresent() && (count.get() < 1 || count.get() > 1000)) {
            throw Trouble.of("book.cycle.cycle-cannot-repeated-times", name, count.get());
        }
    }

    /** The same cycle round other runs. */
    Cycle moved(int first, int last) {
        return new Cycle(name, per, from + first, to + last, count);
    }

    /** The same, repeated for other stretches. */
    @Override
    public Cycle withPer(Span span) {
        return new Cycle(span.title(), span, from, to, count);
    }
}
