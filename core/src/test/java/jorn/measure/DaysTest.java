package jorn.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Days as people of several countries write them. Orders of day and month as in the Unicode CLDR's short forms. */
class DaysTest {
    @ParameterizedTest
    @CsvSource({
        "2027-03-01, en-US, 2027-03-01",
        "2027-3-1, de-DE, 2027-03-01",
        "3/1/2027, en-US, 2027-03-01",
        "3/1/2027, en-GB, 2027-01-03",
        "3.1.2027, de-DE, 2027-01-03",
        "3.1.2027, en-US, 2027-01-03",
        "31-12-2027, nl-NL, 2027-12-31",
        "1. 3. 2027, cs-CZ, 2027-03-01",
        "1 March 2027, en-GB, 2027-03-01",
        "1 march 2027, en-US, 2027-03-01",
        "1 Mar 2027, en-GB, 2027-03-01",
        "1. März 2027, de-DE, 2027-03-01",
        "1 mars 2027, fr-FR, 2027-03-01",
        "29 February 2028, en-GB, 2028-02-29"
    })
    void readsADayInTheOrderOfItsCountry(String text, String country, LocalDate day) {
        assertEquals(day, Days.read(text, Locale.forLanguageTag(country)));
    }

    @Test
    void readsTheEnglishWayWithAComma() {
        assertEquals(LocalDate.of(2027, 3, 1), Days.read("March 1, 2027", Locale.US));
        assertEquals(LocalDate.of(2027, 3, 1), Days.read("  March  1, 2027 ", Locale.UK));
    }

    @ParameterizedTest
    @CsvSource({"someday", "31.2.2027", "2027-02-29", "13/13/2027", "1.1.27"})
    void refusesWhatIsNoDayWithAnExample(String text) {
        Trouble refused = assertThrows(Trouble.class, () -> Days.read(text, Locale.UK));
        assertTrue(refused.getMessage().contains(text), refused.getMessage());
        assertTrue(refused.getMessage().contains("2027"), refused.getMessage());
    }

    @Test
    void whatIsWrittenIsReadBack() {
        for (LocalDate day = LocalDate.of(2027, 12, 25); day.getYear() < 2029; day = day.plusDays(17)) {
            assertEquals(day, Days.read(Days.written(day), Locale.US));
        }
    }

    @Test
    void filesHaveOneWayOnly() {
        assertEquals(LocalDate.of(2027, 1, 31), Days.iso("2027-01-31"));
        assertThrows(Trouble.class, () -> Days.iso("31.1.2027"));
    }
}
