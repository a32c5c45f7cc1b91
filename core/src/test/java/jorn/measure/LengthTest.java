package jorn.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {
    /** The inch is 25.4 mm and the PostScript point 1/72 inch, both by definition. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 in | 432",
                "6in | 432",
                "6\" | 432",
                "6 inches | 432",
                "5 1/2in | 396",
                "5 1/2 | 396",
                "8½ in | 612",
                "8½ | 612",
                "½ in | 36",
                "1/8 in | 9",
                "152.4 mm | 432",
                "15,24 cm | 432",
                "432 pt | 432",
                ".5 in | 36",
                "0,125 in | 9",
                "  6   in  | 432",
                "104 µm | 0.294803"
            })
    void readsWhatPeopleWrite(String text, double points) {
        assertEquals(points, Length.parse(text, Unit.INCH).points(), 1e-6);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "six",
                "six inches",
                "6 feet",
                "6 in in",
                "1/0 in",
                "6..5 in",
                "5 1/2 1/2",
                "in",
                "NaN",
                "1e9 in"
            })
    void refusesWhatIsNoLengthAndSaysHowToWriteOne(String text) {
        Trouble t = assertThrows(Trouble.class, () -> Length.parse(text, Unit.INCH));
        assertTrue(t.remedy().contains("6 in"), t.getMessage());
    }

    @Test
    void aLengthIsNeverLessThanNothing() {
        assertEquals(Length.mm(2), Length.mm(5).minus(Length.mm(3)));
        assertThrows(Trouble.class, () -> Length.mm(3).minus(Length.mm(5)));
        assertEquals(Length.ZERO, Length.mm(3).without(Length.mm(5)));
        assertEquals(Length.mm(2), Length.mm(5).without(Length.mm(3)));
    }

    @Test
    void refusesLessThanNothing() {
        assertThrows(Trouble.class, () -> Length.parse("-6 in", Unit.INCH));
        assertThrows(Trouble.class, () -> Length.points(-1));
        assertThrows(Trouble.class, () -> Length.points(Double.NaN));
        assertThrows(Trouble.class, () -> Length.parse("999999999 in", Unit.INCH));
    }

    @Test
    void showsTheDecimalsThatPrintWorkAsksFor() {
        assertEquals("6 in", Length.inches(6).format(Unit.INCH));
        assertEquals("6.125 in", Length.inches(6.125).format(Unit.INCH));
        assertEquals("152.4 mm", Length.inches(6).format(Unit.MILLIMETRE));
        assertEquals("0.270 in", Length.inches(0.27024).format(Unit.INCH, Quantity.Precision.EXACT));
        assertEquals("0.002252 in", Length.inches(0.002252).format(Unit.INCH, Quantity.Precision.FINE));
    }

    @Property
    void theSameSizeInInchesAndMillimetresIsTheSameLength(@ForAll @DoubleRange(min = 0, max = 100) double inches) {
        assertTrue(Math.abs(Length.inches(inches).points()
                        - Length.mm(inches * 25.4).points())
                <= 1e-6);
    }

    @Property
    void whatIsWrittenReadsBackAsTheVerySameLength(@ForAll @DoubleRange(min = 0, max = 3000) double mm) {
        Length length = Length.mm(mm);
        assertEquals(length, Length.parse(length.written(), Unit.INCH));
    }
}
