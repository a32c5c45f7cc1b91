package jorn.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.edition.Edition;
import jorn.measure.Figure;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many sheets a home printer or a copy shop needs: two pages stand on each side where the book is half as large as the sheet. */
class SheetCountTest {
    private static Optional<Figure> sheets(String press, Binding binding, String trim, int pages) {
        Book book = EarlierBooks.notebook();
        book = book.withBrief(book.brief()
                .at(PressShelf.shipped().find(press))
                .withBinding(binding)
                .withTrim(Size.parse(trim, Unit.INCH))
                .withPages(pages));
        return Edition.of(book).measures().find("paper.sheets");
    }

    /** Worked by hand: four pages on a folded sheet, two on a single one; begun sheets count whole. */
    @ParameterizedTest
    @CsvSource({
        "home, STITCHED, 5.5x8.5in, 40, 10, folded once",
        "home, STITCHED, 5.5x8.5in, 44, 11, folded once",
        "copyshop, COIL, 5.5x8.5in, 50, 13, cut apart"
    })
    void begunSheetsCountWhole(String press, Binding binding, String trim, int pages, int sheets, String how) {
        Figure f = sheets(press, binding, trim, pages).orElseThrow();
        assertEquals(sheets + " sheets", f.text(Unit.INCH));
        assertEquals(how, f.source());
    }

    @Test
    void whereAPressCutsNoSheetsNothingIsCounted() {
        assertEquals(Optional.empty(), sheets("online", Binding.GLUED, "6x9in", 120));
    }
}
