package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Placement.Start;
import jorn.pattern.run.Patterns;
import jorn.recipe.Catalogue;
import jorn.say.Wording;

/** Runs of pages to colour. */
public final class PatternRuns {
    private PatternRuns() {}

    /** The pages of a run, if it is one of patterns. */
    public static Optional<Patterns> of(Run run) {
        return run.source() instanceof Patterns p ? Optional.of(p) : Optional.empty();
    }

    /** A run of patterns; each picture stands in the contents by its title. */
    public static Run run(Patterns patterns) {
        return Run.from(patterns, Wording.of("book.starter.pictures"), Catalogue.recipe("colouring"), Start.RECTO)
                .inContents(true);
    }

    /**
     * The same book with other pages in a run.
     *
     * @param index of a run of patterns
     */
    public static Book with(Book book, int index, Patterns now) {
        List<Run> runs = new ArrayList<>(book.runs());
        runs.set(index, runs.get(index).withSource(now));
        return book.withRuns(runs);
    }
}
