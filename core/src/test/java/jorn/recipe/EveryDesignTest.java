package jorn.recipe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import jorn.art.Box;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.calendar.Span;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Every design that ships, drawn at every trim of a press, undated and dated: nothing is drawn off the sheet, nor nowhere. */
class EveryDesignTest {
    private static final LocalDate FROM = LocalDate.of(2027, 1, 1);

    private static Book book(Recipe design, Size trim, boolean dated) {
        Book book = EarlierBooks.notebook();
        book = book.withBrief(book.brief().withTrim(trim));
        if (!dated) {
            return book.withRuns(List.of(Run.of("Pages", design, 2, Start.ANYWHERE)));
        }
        return book.withCalendar(book.calendar().dated(FROM, FROM.plusMonths(1)))
                .withRuns(List.of(Run.per(Span.WEEK, "Pages", design, Start.ANYWHERE)));
    }

    private static void look(Catalogue.Entry entry, Size trim, boolean dated, Set<String> wrong) {
        String what = entry.id() + " at " + trim.id() + (dated ? ", dated" : "");
        Edition edition = Edition.of(book(entry.recipe(), trim, dated));
        for (int n = 1; n <= 2; n++) {
            PageArt art = edition.page(n);
            Box sheet = art.bleed().inset(-0.5);
            for (Marks.Standing s : Marks.standing(art.marks())) {
                Box b = s.bounds();
                if (!Double.isFinite(b.x() + b.y() + b.width() + b.height())) {
                    wrong.add(what + ": nowhere");
                } else if (!b.isEmpty() && !sheet.holds(b)) {
                    wrong.add(what + ": off the sheet, " + b);
                }
            }
        }
    }

    @Test
    void atTheUsualTrim() {
        Set<String> wrong = new TreeSet<>();
        assertTrue(Catalogue.all().size() > 100);
        Catalogue.all().forEach(e -> look(e, Size.parse("6x9in", jorn.measure.Unit.INCH), true, wrong));
        assertEquals(Set.of(), wrong);
    }

    @Test
    @Tag("long")
    void atEveryTrimOfEveryPress() {
        Set<String> wrong = new TreeSet<>();
        Set<Size> trims = new TreeSet<>(java.util.Comparator.comparing(Size::id));
        PressShelf.shipped().profiles().forEach(p -> trims.addAll(p.trims()));
        assertTrue(trims.size() > 12);
        for (Catalogue.Entry entry : Catalogue.all()) {
            for (Size trim : trims) {
                look(entry, trim, false, wrong);
                look(entry, trim, true, wrong);
            }
        }
        assertEquals(Set.of(), wrong);
    }
}
