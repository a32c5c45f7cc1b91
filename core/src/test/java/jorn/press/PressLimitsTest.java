package jorn.press;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.book.BlanksAt;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.book.Pagination;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.makeup.Paginator;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.PressLimits.PageLimit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits as presses have them: by binding, paper, ink and trim. */
class PressLimitsTest {
    private static final PressProfile ONLINE = PressShelf.shipped().find("online");

    private static PageLimit limit(String paper, String ink, String trim, Integer min, Integer max) {
        return new PageLimit(
                Optional.empty(),
                Optional.ofNullable(paper),
                Optional.ofNullable(ink),
                Optional.ofNullable(trim),
                Optional.ofNullable(min),
                Optional.ofNullable(max));
    }

    private static PressProfile with(PageLimit... limits) {
        return ONLINE.withLimits(new PressLimits(List.of(limits), Optional.empty(), false));
    }

    private static Brief brief(PressProfile press, String trim, int pages) {
        return Brief.at(press, Size.parse(trim, Unit.INCH), pages);
    }

    @ParameterizedTest
    @CsvSource({
        "white, black, 6x9in, 24, 828",
        "cream, black, 6x9in, 24, 700",
        "white, colour, 6x9in, 60, 828",
        "white, black, 8.5x11in, 24, 500",
        "cream, colour, 8.5x11in, 60, 500"
    })
    void theNarrowestOfAllThatApplyHolds(String paper, String ink, String trim, int min, int max) {
        PressProfile press = with(
                limit("cream", null, null, null, 700),
                limit(null, "colour", null, 60, null),
                limit(null, null, "large", null, 500));
        BindingOffer.PageRule rule =
                brief(press, trim, 120).withPaper(paper).withInk(ink).pageRule();
        assertEquals(min, rule.min());
        assertEquals(max, rule.max());
        assertEquals(2, rule.multiple());
    }

    @Test
    void aBookBeyondALimitIsRefusedAndProofed() {
        PressProfile press = with(limit("cream", null, null, null, 100));
        Brief cream = brief(press, "6x9in", 120).withPaper("cream");
        Trouble t = assertThrows(Trouble.class, cream::require);
        assertTrue(t.getMessage().contains("24 to 100"), t.getMessage());
        assertTrue(Checker.check(Proof.of(EarlierBooks.notebook(cream), Unit.INCH)).stream()
                .anyMatch(f -> f.id().equals("page.count")));
        brief(press, "6x9in", 120).require();
    }

    @Test
    void aLimitThatSaysNothingIsRefused() {
        assertThrows(Trouble.class, () -> limit("cream", null, null, null, null));
        assertThrows(Trouble.class, () -> limit("cream", null, null, 90, 80));
        assertThrows(Trouble.class, () -> limit("cream", null, null, 0, 80));
        assertThrows(Trouble.class, () -> new PressLimits(List.of(), Optional.of(0.0), false));
    }

    private static Book ending(BlanksAt blanks, int pages) {
        PressProfile press = ONLINE.withLimits(new PressLimits(List.of(), Optional.empty(), true));
        Book book = EarlierBooks.linedJournal(brief(press, "6x9in", pages)).withTitle("Hive Notes");
        return book.withBlanksAt(blanks);
    }

    /** The press prints a code of its own on the last page: it stays blank, and the count is still the one that was asked for. */
    @ParameterizedTest
    @CsvSource({"END, 120", "BEFORE_BACK_MATTER, 120", "AFTER_FRONT_MATTER, 120", "END, 121", "END, 24"})
    void theLastPageStaysBlank(BlanksAt blanks, int pages) {
        Pagination p = Paginator.of(ending(blanks, pages));
        assertEquals(pages + pages % 2, p.pageCount());
        assertTrue(p.page(p.pageCount()).isBlank());
        assertFalse(p.page(p.pageCount() - 1).isBlank(), "one page alone is kept");
        Pagination without = Paginator.of(
                EarlierBooks.linedJournal(brief(ONLINE, "6x9in", 120)).withTitle("Hive Notes"));
        assertFalse(without.page(120).isBlank());
    }

    @Test
    void wherePagesAreCountedTheBookGrowsToTheNextMultiple() {
        Book filled = ending(BlanksAt.END, 24);
        for (int lines = 117; lines <= 118; lines++) {
            Optional<Integer> count = Optional.of(lines);
            Book each = filled.withRun(2, r -> r.withCount(count));
            Pagination free = Paginator.of(each.withBrief(each.brief().at(ONLINE)));
            Pagination p = Paginator.of(each);
            assertTrue(p.page(p.pageCount()).isBlank());
            assertEquals(free.pageCount() + (free.blanksAdded() == 0 ? 2 : 0), p.pageCount(), lines + " lined pages");
        }
        Book counted = filled.withRun(2, r -> r.withCount(Optional.of(118)));
        assertFalse(Checker.check(Proof.of(counted, Unit.INCH)).stream().anyMatch(f -> f.id().equals("page.last")));
    }
}
