package jorn.makeup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.Pagination;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.content.Titled;
import jorn.layout.ContentsEntry;

/** The lines of the contents: each run that is to be listed, once for each time that it begins. */
final class ContentsLines {
    private ContentsLines() {}

    static List<ContentsEntry> of(Book book, Pagination pagination, Folios folios, BookPages pages) {
        List<ContentsEntry> entries = new ArrayList<>();
        Map<Integer, Slot> last = new HashMap<>();
        for (Slot slot : pagination.slots()) {
            if (slot.isBlank() || !book.runOf(slot).inContents()) {
                continue;
            }
            Slot before = last.put(slot.run(), slot);
            Run run = book.runOf(slot);
            boolean begins = before == null
                    || (run.per().isPresent() && !before.occasion().equals(slot.occasion()))
                    || before.round() != slot.round();
            Optional<Titled> titled = slot.subjects().all().stream()
                    .filter(Titled.class::isInstance)
                    .map(Titled.class::cast)
                    .findFirst();
            if (titled.isPresent()) {
                String title = titled.get().title(book.calendar().language());
                entries.add(new ContentsEntry(title, folios.of(slot.number())));
            } else if (begins) {
                entries.add(new ContentsEntry(pages.fill(name(run, slot), slot), folios.of(slot.number())));
            }
        }
        return entries;
    }

    private static String name(Run run, Slot slot) {
        boolean repeated = run.per().isPresent() || slot.round() > 0;
        if (run.name().contains("{") || !repeated) {
            return run.name();
        }
        Occasion occasion = slot.occasion();
        if (occasion.from().isEmpty() || occasion.span().isEmpty()) {
            return run.name() + " " + Math.max(1, occasion.number());
        }
        return words(occasion.span().get()) + (run.per().isPresent() ? "" : ": " + run.name());
    }

    private static String words(Span span) {
        return switch (span) {
            case DAY -> "{date}";
            case WEEK, FOUR_WEEKS -> "{week.range}";
            case MONTH -> "{month} {year}";
            case QUARTER -> "{quarter} / {year}";
            case YEAR -> "{year}";
        };
    }
}
