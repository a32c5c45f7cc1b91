package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.calendar.Span;
import jorn.recipe.Catalogue;

/** Runs whose pages stand for stretches of the calendar: each page must have its own stretch, or a book is full of one week. */
public final class DatedRuns {
    private DatedRuns() {}

    /** For what stretch one page of a run stands by its design; nothing for one that stands for the whole year or for none. */
    public static Optional<Span> stretch(Run run) {
        return Catalogue.find(run.recipe().id()).flatMap(Catalogue.Entry::span).filter(s -> s != Span.YEAR);
    }

    /** The same run with as many pages as the calendar has stretches for them. */
    public static Run counted(Run run, Span stretch) {
        return run.withPer(Optional.of(stretch)).withCount(Optional.empty());
    }

    /** The inside with the runs outside of cycles that fill the book and stand for a stretch counted by it. */
    static Interior counted(Interior inside) {
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i < inside.runs().size(); i++) {
            int at = i;
            Run run = inside.runs().get(i);
            boolean alone = inside.cycles().stream().noneMatch(c -> at >= c.from() && at < c.to());
            Optional<Span> stretch = run.isFilling() && alone ? stretch(run) : Optional.empty();
            runs.add(stretch.map(s -> counted(run, s)).orElse(run));
        }
        return inside.withRuns(runs);
    }
}
