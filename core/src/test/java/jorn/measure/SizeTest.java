package jorn.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SizeTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "6x9in",
                "6 x 9 in",
                "6 × 9 in",
                "6X9",
                "6 by 9",
                "6in x 9in",
                "152.4x228.6mm",
                "6 in × 228.6 mm",
                "6*9"
            })
    void readsSixByNineHoweverItIsWritten(String text) {
        assertTrue(Size.of(6, 9, Unit.INCH).isAbout(Size.parse(text, Unit.INCH)), text);
    }

    @Test
    void readsFractions() {
        assertTrue(Size.of(5.5, 8.5, Unit.INCH).isAbout(Size.parse("5 1/2 x 8½ in", Unit.INCH)));
    }

    /** Sizes from ISO 216:2007, tables of the A and B series. */
    @ParameterizedTest
    @CsvSource({"A3,297,420", "A4,210,297", "A5,148,210", "A6,105,148", "B5,176,250", "B6,125,176"})
    void knowsTheSheetsOfIso216(String name, double width, double height) {
        Size size = Size.parse(name, Unit.INCH);
        assertEquals(width, size.width().in(Unit.MILLIMETRE), 1e-4);
        assertEquals(height, size.height().in(Unit.MILLIMETRE), 1e-4);
        assertEquals(name, size.id());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "six by nine", "6", "6x", "x9", "6x9x2in", "6x9 furlongs", "0x9in", "-6x9in"})
    void refusesWhatIsNoSize(String text) {
        assertThrows(Trouble.class, () -> Size.parse(text, Unit.INCH));
    }

    @Test
    void hasAnIdThatReadsBack() {
        for (String id : new String[] {"6x9in", "5.25x8in", "A5", "6.14x9.21in", "148x211mm"}) {
            assertEquals(id, Size.parse(id, Unit.INCH).id());
        }
    }
}
