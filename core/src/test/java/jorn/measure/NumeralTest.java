package jorn.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumeralTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"120|120", "120 pages|120", " 120 |120", "1,200|1200", "1 200|1200", "120 pp.|120"})
    void readsACountOfPages(String text, int pages) {
        assertEquals(pages, Numeral.count(text, "page count", 1, 5000));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "many", "12.5", "0", "-4", "10,000", "99999999999999"})
    void refusesACountAndSaysTheRange(String text) {
        Trouble t = assertThrows(Trouble.class, () -> Numeral.count(text, "page count", 1, 5000));
        assertTrue(t.remedy().contains("1 to 5,000"), t.getMessage());
    }

    @Test
    void roundsHalvesUpAndShowsNoMinusZero() {
        assertEquals("0.13", Numeral.fixed(0.125, 2));
        assertEquals("0.00", Numeral.fixed(-0.0001, 2));
        assertEquals("120", Numeral.trimmed(120, 3));
    }

    @Test
    void whatIsTooLittleIsNeverRoundedUpToEnough() {
        assertEquals("4.99", Numeral.under(4.999, 2));
        assertEquals("5", Numeral.under(5, 2));
        assertEquals("0.249", Numeral.under(0.2499, 3));
        assertEquals("5.3", Numeral.under(5.3, 2));
    }
}
