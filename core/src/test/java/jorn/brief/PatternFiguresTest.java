package jorn.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.measure.Figure;
import jorn.measure.Unit;
import jorn.pattern.page.FieldCount;
import jorn.pattern.run.PatternSheet;
import jorn.pattern.run.Patterns;
import org.junit.jupiter.api.Test;

/** How many fields there are, and how small, stands among the figures of a book as soon as pages are made. */
class PatternFiguresTest {
    @Test
    void fieldsAreAddedUpOverThePagesThatAreMade() {
        Book book = Starter.COLOURING_BOOK.begin();
        for (int i = 0; i < book.runs().size(); i++) {
            if (PatternRuns.of(book.runs().get(i)).isPresent()) {
                book = PatternRuns.with(book, i, Patterns.of(3, 77_001));
            }
        }
        Edition edition = Edition.of(book);
        assertEquals(Optional.empty(), edition.measures().find("pattern.fields"));
        List<Slot> sheets = edition.pagination().slots().stream()
                .filter(s -> s.subjects().get(PatternSheet.class).isPresent())
                .toList();
        edition.page(sheets.get(0).number());
        edition.page(sheets.get(1).number());
        List<FieldCount> counts = sheets.subList(0, 2).stream()
                .map(s -> s.subjects().get(PatternSheet.class).orElseThrow())
                .map(s -> s.set().made(s.number()).orElseThrow().count().orElseThrow())
                .toList();
        Measures now = edition.measures();
        Figure all = now.get("pattern.fields");
        assertEquals(counts.get(0).fields() + counts.get(1).fields(), all.number());
        assertTrue(all.working(Unit.MILLIMETRE).contains("2 of 3"), all.working(Unit.MILLIMETRE));
        assertEquals(
                Math.max(counts.get(0).fields(), counts.get(1).fields()),
                now.get("pattern.fullest").number());
        double least = Math.min(
                counts.get(0).smallest().points(), counts.get(1).smallest().points());
        assertEquals(least, now.get("pattern.smallest").length().points(), 1e-9);
    }
}
