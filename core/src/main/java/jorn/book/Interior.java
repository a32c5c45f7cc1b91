package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;

/**
 * What the inside of a book is made of.
 *
 * @param runs in order; at least one
 * @param cycles which runs are repeated together, and how often; one that reaches past the last run is left out
 * @param margins margins of the user's own
 * @param blanksAt where blanks go that the press's page count asks for
 * @param furniture page numbers and running heads
 * @param pitch from line to line on all pages; none in books that were made before there was one
 */
@RecordBuilder
public record Interior(
        @Required List<Run> runs,
        List<Cycle> cycles,
        MarginChoice margins,
        BlanksAt blanksAt,
        Furniture furniture,
        Optional<Length> pitch)
        implements InteriorBuilder.With {
    public Interior {
        runs = List.copyOf(runs);
        int count = runs.size();
        cycles = cycles == null
                ? List.of()
                : cycles.stream().filter(c -> c.to() <= count).toList();
        margins = margins == null ? MarginChoice.NONE : margins;
        blanksAt = blanksAt == null ? BlanksAt.END : blanksAt;
        furniture = furniture == null ? Furniture.NONE : furniture;
        pitch = pitch == null ? Optional.empty() : pitch;
        if (runs.isEmpty()) {
            throw Trouble.of("book.interior.book-has-no-pages");
        }
    }

    /** Runs that are not repeated, with customary choices. */
    public static Interior of(List<Run> runs) {
        return new Interior(runs, List.of(), MarginChoice.NONE, BlanksAt.END, Furniture.NONE, Optional.empty());
    }
}
