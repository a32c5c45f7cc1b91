package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * Which drawings a style has.
 *
 * @param motif the main one: at openers, title pages, beside headings
 * @param small a small one: in rows and between days
 * @param months twelve for the months' openers, from January; none for the main one
 * @param seed of what is drawn by chance
 */
@RecordBuilder
public record Ornaments(@Required String motif, @Required String small, List<String> months, long seed)
        implements OrnamentsBuilder.With {
    private static final int YEAR = 12;

    public Ornaments {
        months = months == null ? List.of() : List.copyOf(months);
        Motifs.of(motif);
        Motifs.of(small);
        months.forEach(Motifs::of);
        if (!months.isEmpty() && months.size() != YEAR) {
            throw Trouble.of("style.ornaments.bad-months", months.size());
        }
    }

    /** The drawing of a month, 1 to 12. */
    public String ofMonth(int month) {
        return months.isEmpty() ? motif : months.get(month - 1);
    }
}
