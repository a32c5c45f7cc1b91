package jorn.cover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.EarlierBooks;
import jorn.brief.Measures;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressShelf;
import org.junit.jupiter.api.Test;

/** Weights against area × grammage (ISO 536); areas by hand. */
class CoverWeightTest {
    private static Measures of(String press, String trim, Binding binding, int pages) {
        Brief brief = Brief.at(PressShelf.shipped().find(press), Size.parse(trim, Unit.INCH), pages)
                .withBinding(binding);
        Book book = EarlierBooks.notebook(brief);
        return Measures.of(book);
    }

    /** (2 × 6 + 0.27024) × 9 in = 110.43 in² = 0.071246 m², at 220 g/m² 15.67 g; the block 188.13 g, together 204 g. */
    @Test
    void aPaperCoverIsWeighedWithoutItsBleed() {
        Measures m = of("online", "6x9in", Binding.GLUED, 120);
        assertEquals(15.67, m.get("cover.weight").number(), 0.01);
        assertEquals(188.13, m.get("block.weight").number(), 0.01);
        assertEquals("204 g", m.get("book.weight").text(Unit.INCH));
    }

    /** Common practice: boards add about 120 g to a 6 × 9 in book. */
    @Test
    void theBoardsOfACaseWeighAboutAHundredAndTwentyGrams() {
        Measures m = of("casebound", "6x9in", Binding.CASED, 120);
        // Boards (2 × 6.125 + 0.436) × 9.25 in at 1600 g/m²; wrap 13.866 × 10.43 in at 150 g/m².
        double boards = (2 * 6.125 + 0.436) * 9.25 * 0.0254 * 0.0254 * 1600;
        double wrap = (2 * (6.125 + 0.59) + 0.436) * (9.25 + 2 * 0.59) * 0.0254 * 0.0254 * 150;
        assertEquals(120, boards, 6);
        assertEquals(boards + wrap, m.get("cover.weight").number(), 0.01);
        assertTrue(m.get("cover.weight").working(Unit.INCH).contains("1,600 g/m²"));
    }

    /** A jacket is weighed as it is when it is cut: 2 × (3.25 + 2 mm + 6.125) + spine wide, 9.25 in high. */
    @Test
    void aJacketIsWeighedWithItsFlaps() {
        Measures m = of("casebound", "6x9in", Binding.JACKET, 120);
        double boards = (2 * 6.125 + 0.436) * 9.25 * 0.0254 * 0.0254 * 1600;
        double jacket = (2 * (3.25 + 2 / 25.4 + 6.125) + 0.436) * 9.25 * 0.0254 * 0.0254 * 150;
        assertEquals(boards + jacket, m.get("cover.weight").number(), 0.01);
        // Block 0.276 in, two boards of 0.08 in, two layers of 0.006 in.
        assertEquals(0.276 + 0.16 + 0.012, m.get("book.thickness").length().in(Unit.INCH), 1e-6);
    }

    /** Two cards of 148 × 210 mm at 200 g/m²: 12.4 g. A block of 40 leaves is 4.16 mm, with two cards of 0.25 mm 4.66 mm. */
    @Test
    void aCoilBookHasTwoCards() {
        Measures m = of("copyshop", "A5", Binding.COIL, 80);
        assertEquals(12.43, m.get("cover.weight").number(), 0.01);
        assertEquals(4.66, m.get("book.thickness").length().in(Unit.MILLIMETRE), 0.005);
    }

    @Test
    void whereThePressSaysNothingTheCoverIsLeftOut() {
        Measures home = of("home", "A5", Binding.LOOSE, 20);
        assertTrue(home.find("cover.weight").isEmpty());
        assertEquals(home.get("block.weight").number(), home.get("book.weight").number());
        assertTrue(home.get("book.weight").working(Unit.INCH).contains("cover left out"));
    }

    /** The trade press adds 0.5 mm to the spine for the cover: the closed book is as thick as its spine. */
    @Test
    void anAllowanceHasTheCoverInItAlready() {
        Measures m = of("trade", "6x9in", Binding.GLUED, 256);
        assertEquals(m.get("spine.width").length(), m.get("book.thickness").length());
    }
}
