package jorn.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import jorn.book.Book;
import jorn.book.SentParcel.SentFile;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressProfile.CutSheet;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said over the counter of a copy shop is what lies there. */
class ShopOrderTest {
    private static List<OrderSlip.Line> order(String trim, Binding binding, SentFile... files) {
        Book book = Starter.LINED_JOURNAL.begin().withTitle("Hive Notes");
        Book at = book.withBrief(book.brief()
                .at(PressShelf.shipped().find("copyshop"))
                .withTrim(Size.parse(trim, Unit.INCH))
                .withPages(60)
                .withBinding(binding));
        return ShopOrder.of(Edition.of(at), List.of(files), 2, Unit.INCH);
    }

    private static String value(List<OrderSlip.Line> order, String key) {
        return order.stream()
                .filter(l -> l.key().equals(key))
                .findFirst()
                .map(l -> l.value() + " | " + l.note())
                .orElse("");
    }

    /** ISO 216: A5 is half of A4; half letter is half of letter. Nothing larger than half of a sheet is laid twice on it. */
    @ParameterizedTest
    @CsvSource({
        "A5, 2, 8.268 × 11.693 in",
        "5.5x8.5in, 2, 8.5 × 11 in",
        "A4, 1, 8.268 × 11.693 in",
        "8.5x11in, 1, 8.5 × 11 in"
    })
    void thePagesAreCutFromTheSheetThatTheyFit(String trim, int up, String sheet) {
        List<OrderSlip.Line> order = order(trim, Binding.LOOSE);
        if (up == 1) {
            assertTrue(value(order, "sheet").startsWith(sheet), order.toString());
            assertTrue(value(order, "sheet").contains("nothing is cut"));
            assertEquals("", value(order, "cutting"));
        } else {
            assertTrue(value(order, "cutting").startsWith("2 pages side by side on each sheet of " + sheet));
            assertEquals("", value(order, "sheet"));
        }
    }

    @Test
    void asManyPagesStandOnASheetAsItHoldsAndTheShopLays() {
        CutSheet four = new CutSheet(Size.parse("A4", Unit.INCH), 4);
        assertEquals(4, four.holding(Size.parse("A6", Unit.INCH)));
        assertEquals(0, four.waste(Size.parse("A6", Unit.INCH)), 0.01);
        assertEquals(2, new CutSheet(Size.parse("A4", Unit.INCH), 2).holding(Size.parse("A6", Unit.INCH)));
        assertEquals(2, four.holding(Size.parse("A5", Unit.INCH)));
        assertEquals(2, four.holding(Size.parse("A5", Unit.INCH).turned()), "whichever way it lies");
        assertEquals(0, four.holding(Size.parse("8.5x11in", Unit.INCH)));
        assertEquals(1, four.waste(Size.parse("8.5x11in", Unit.INCH)), 0);
    }

    @Test
    void theFilesThatAreThereAreNamedWithTheirPages() {
        assertTrue(value(order("A5", Binding.COIL), "files").startsWith("not written yet"));
        SentFile inside = new SentFile("hive-notes-interior.pdf", 60, 1, "ab");
        SentFile cover = new SentFile("hive-notes-cover.pdf", 2, 1, "cd");
        List<OrderSlip.Line> apart = order("A5", Binding.COIL, inside, cover);
        assertEquals(2, apart.stream().filter(l -> l.key().equals("files")).count());
        assertEquals("hive-notes-interior.pdf, 60 pages | SHA-256 ab", value(apart, "files"));
        assertTrue(value(apart, "first-page").startsWith("the cover is a file of its own"), apart.toString());
        assertFalse(value(apart, "colour").contains("first and last page"));
        List<OrderSlip.Line> whole = order("A5", Binding.COIL, new SentFile("hive-notes-book.pdf", 64, 1, "ef"));
        assertTrue(value(whole, "first-page").startsWith("the first page is the cover"), whole.toString());
        assertTrue(value(whole, "first-page").contains("the last page is the back cover"));
        List<OrderSlip.Line> loose = order("A5", Binding.LOOSE, new SentFile("hive-notes-book.pdf", 62, 1, "ef"));
        assertFalse(value(loose, "first-page").contains("back cover"), "loose leaves have a title leaf alone");
    }
}
