package jorn.code;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Book numbers against published examples: ISO 2108 and the ISBN Users' Manual. */
class IsbnTest {
    /** The first is the example of the ISBN standard; the others stand in the Users' Manual and in textbooks of check digits. */
    @ParameterizedTest
    @CsvSource({
        "978-0-306-40615-7, 0306406152",
        "978-3-16-148410-0, 316148410X",
        "978-0-00-000000-2, 0000000000",
        "978-1-86197-876-9, 1861978766",
    })
    void bothFormsOfANumberBelongTogether(String thirteen, String ten) {
        Isbn isbn = Isbn.parse(thirteen);
        assertEquals(Optional.of(ten), isbn.ten());
        assertEquals(isbn, Isbn.parse(ten));
        assertEquals(thirteen, isbn.hyphenated());
    }

    @Test
    void aWrongDigitIsToldWithTheRightOne() {
        Trouble wrong = assertThrows(Trouble.class, () -> Isbn.parse("978-0-306-40615-8"));
        assertTrue(wrong.what().contains("7, not 8"), wrong.what());
        assertTrue(assertThrows(Trouble.class, () -> Isbn.parse("0-306-40615-3"))
                .what()
                .contains("2, not 3"));
        assertTrue(assertThrows(Trouble.class, () -> Isbn.parse("3-16-148410-1"))
                .what()
                .contains("X, not 1"));
    }

    @Test
    void whatIsNoBookNumberIsRefused() {
        for (String bad : List.of("", "978", "978030640615", "97803064061577", "97X0306406157", "abc")) {
            assertThrows(Trouble.class, () -> Isbn.parse(bad), bad);
        }
        // A right number of goods (GS1), but of no book.
        assertTrue(assertThrows(Trouble.class, () -> Isbn.parse("4006381333931"))
                .what()
                .contains("978 or 979"));
    }

    @Test
    void itIsReadHoweverItIsWritten() {
        Isbn isbn = Isbn.parse("9780306406157");
        for (String same : List.of("ISBN 978 0 306 40615 7", "ISBN-13: 978-0-306-40615-7", " 978–0–306–40615–7 ")) {
            assertEquals(isbn, Isbn.parse(same), same);
        }
    }

    @Test
    void numbersOfTheLaterPrefixHaveNoOldForm() {
        Isbn french = Isbn.parse("979-10-90636-07-1");
        assertEquals(Optional.empty(), french.ten());
        assertEquals("979-10-90636-07-1", french.hyphenated());
    }

    @Test
    void theGroupIsNamed() {
        assertEquals(
                Optional.of("English language"), Isbn.parse("9780306406157").area());
        assertEquals(Optional.of("German language"), Isbn.parse("9783161484100").area());
    }

    @Property
    void changingAnyDigitIsNoticed(
            @ForAll @IntRange(min = 0, max = 999_999_999) int nine, @ForAll @IntRange(min = 3, max = 12) int at) {
        String twelve = "978" + String.format("%09d", nine);
        String right = twelve + Isbn.checkOfThirteen(twelve);
        char other = (char) ('0' + (right.charAt(at) - '0' + 1) % 10);
        String wrong = right.substring(0, at) + other + right.substring(at + 1);
        assertEquals(right, Isbn.parse(right).digits());
        assertThrows(Trouble.class, () -> Isbn.parse(wrong));
    }

    @Property
    void hyphensOnlyPartTheFigures(@ForAll @IntRange(min = 0, max = 999_999_999) int nine) {
        String twelve = "978" + String.format("%09d", nine);
        Isbn isbn = Isbn.parse(twelve + Isbn.checkOfThirteen(twelve));
        String parted = isbn.hyphenated();
        assertEquals(isbn.digits(), parted.replace("-", ""));
        int hyphens = parted.length() - 13;
        assertTrue(hyphens == 4 || hyphens == 0, parted);
    }

    /** The first figure by currency is the book trade's custom (from memory). */
    @ParameterizedTest
    @CsvSource({"USD, 12.99, 51299", "CAD, 7.5, 60750", "AUD, 99.98, 39998", "NZD, 1, 40100", "GBP, 0.99, 00099"})
    void aPriceBecomesFiveFigures(String currency, String price, String figures) {
        assertEquals(Optional.of(new AddOn(figures)), AddOn.ofPrice(currency, new BigDecimal(price)));
    }

    @Test
    void aPriceThatHasNoFiguresHasNoAddOn() {
        assertEquals(Optional.empty(), AddOn.ofPrice("EUR", new BigDecimal("12.99")));
        assertEquals(Optional.empty(), AddOn.ofPrice("USD", new BigDecimal("99.99")));
        assertEquals(Optional.empty(), AddOn.ofPrice("USD", BigDecimal.ZERO));
        assertThrows(Trouble.class, () -> new AddOn("1234"));
    }
}
