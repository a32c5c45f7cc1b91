package jorn.makeup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.book.Book;
import jorn.book.Folios;
import jorn.book.Pagination;
import jorn.book.Pagination.Slot;
import jorn.book.Run;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.recipe.Flow.Entry;

/** The lines of the contents: each run that is to be listed, once for each time that it begins. */
final class Contents {
    private Contents() {}

    static List<Entry> of(Book book, Pagination pagination, Folios folios) {
        List<Entry> entries = new ArrayList<>();
        Map<Integer, Slot> last = new HashMap<>();
        for (Slot slot : pagination.slots()) {
            if (slot.isBlank() || !book.runs().get(slot.run()).inContents()) {
                continue;
            }
            Slot before = last.put(slot.run(), slot);
            Run run = book.runs().get(slot.run());
            boolean begins = before == null
                    || run.per().isPresent() && !before.occasion().equals(slot.occasion())
                    || before.round() != slot.round();
            if (begins) {
                entries.add(new Entry(name(run, slot, book), folios.of(slot.number())));
            }
        }
        return entries;
    }

    private static String name(Run run, Slot slot, Book book) {
        Map<String, String> fields = DateFields.of(slot.occasion(), book.calendar());
        if (run.name().contains("{")) {
            return DateFields.fill(run.name(), fields);
        }
        boolean repeated = run.per().isPresent() || slot.round() > 0;
        if (!repeated) {
            return run.name();
        }
        Occasion occasion = slot.occasion();
        if (occasion.from().isEmpty() || occasion.span().isEmpty()) {
            return run.name() + " " + Math.max(1, occasion.number());
        }
        return DateFields.fill(words(occasion.span().get()), fields)
                + (run.per().isPresent() ? "" : ": " + run.name());
    }

    private static String words(Span span) {
        return switch (span) {
            case DAY -> "{date}";
            case WEEK -> "{week.start} – {week.end}";
            case MONTH -> "{month} {year}";
            case QUARTER -> "{quarter} / {year}";
            case YEAR -> "{year}";
        };
    }
}
