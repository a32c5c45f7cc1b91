package jorn.code;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import org.junit.jupiter.api.Test;

/** The measures of symbols against GS1 General Specifications (5.2.3) and ISO/IEC 18004. */
class SymbolsTest {
    private static final Isbn NUMBER = Isbn.parse("978-0-306-40615-7");
    private static final double POINTS_PER_MM = 72 / 25.4;

    private static BookBarcode symbol(double size, boolean price) {
        return new BookBarcode(NUMBER, price ? Optional.of(new AddOn("51299")) : Optional.empty(), size);
    }

    private static Box bars(BookBarcode code) {
        return ((Mark.Fill) code.marks().get(1)).path().bounds();
    }

    @Test
    void aSymbolIsOneHundredAndThirteenModulesWide() {
        assertEquals(113, symbol(1, false).modules());
        assertEquals(37.29, symbol(1, false).room().width().in(Unit.MILLIMETRE), 0.005);
        assertEquals(165, symbol(1, true).modules());
        assertEquals(54.45, symbol(1, true).room().width().in(Unit.MILLIMETRE), 0.005);
    }

    @Test
    void itsBarsAreAsHighAsTheStandardSaysAndKeepTheirLightMargins() {
        for (double size : new double[] {0.8, 1, 2}) {
            BookBarcode code = symbol(size, false);
            Box bars = bars(code);
            double module = 0.33 * size * POINTS_PER_MM;
            // Guard bars: 22.85 mm and five modules.
            assertEquals(22.85 * size * POINTS_PER_MM + 5 * module, bars.height(), 0.01);
            assertEquals(11 * module, bars.x(), 0.001);
            assertEquals(7 * module, code.room().width().points() - bars.right(), 0.001);
        }
        Box both = bars(symbol(1, true));
        assertEquals(5 * 0.33 * POINTS_PER_MM, symbol(1, true).room().width().points() - both.right(), 0.001);
    }

    @Test
    void allIsBlackOnWhiteAndWithinItsRoom() {
        BookBarcode code = symbol(1, true);
        Box room =
                new Box(0, 0, code.room().width().points(), code.room().height().points());
        List<Mark> marks = code.marks();
        assertEquals(Ink.WHITE, ((Mark.Fill) marks.get(0)).ink());
        assertEquals(room, marks.get(0).bounds());
        for (Mark mark : marks.subList(1, marks.size())) {
            Ink ink = mark instanceof Mark.Fill f ? f.ink() : ((Mark.Words) mark).ink();
            assertEquals(Ink.BLACK, ink);
            assertTrue(room.outset(0.6).holds(mark.bounds()), mark.toString());
        }
    }

    @Test
    void aSizeThatShopsCannotReadIsRefused() {
        assertThrows(Trouble.class, () -> symbol(0.79, false));
        assertThrows(Trouble.class, () -> symbol(2.01, false));
        assertThrows(Trouble.class, () -> symbol(Double.NaN, false));
    }

    @Test
    void aQrCodeKeepsFourModulesOfLight() {
        QrSymbol code = QrSymbol.of("HIVE");
        // Version 1 has 21 modules (ISO/IEC 18004, 6.3).
        assertEquals(21 + 8, code.modules());
        assertEquals(29 * 0.4, code.smallestSide().in(Unit.MILLIMETRE), 0.001);
        Box dark = ((Mark.Fill) code.marks(new Box(10, 20, 290, 400)).get(1))
                .path()
                .bounds();
        assertEquals(10 + 40, dark.x(), 0.01);
        assertEquals(20 + 55 + 40, dark.y(), 0.01);
        assertEquals(210, dark.width(), 0.01);
    }

    @Test
    void whatNobodyScansIsRefused() {
        assertThrows(Trouble.class, () -> QrSymbol.of("  "));
        assertThrows(Trouble.class, () -> QrSymbol.of("x".repeat(601)));
    }
}
