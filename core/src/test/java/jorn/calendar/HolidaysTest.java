package jorn.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Holidays against a second, independent set of data and against the statutes as remembered. */
class HolidaysTest {
    /** Days that only one of the two has, and why both are right; the year does not matter. */
    private static final Map<String, String> ARGUED = Map.of(
            "ours FI Christmas Eve", "a day off by agreement, printed in every Finnish calendar",
            "ours FI Midsummer Eve", "as Christmas Eve",
            "ours SE Christmas Eve", "on an equal footing with Sundays by the Annual Leave Act",
            "ours SE New Year's Eve", "as Christmas Eve",
            "ours SE Midsummer Eve", "as Christmas Eve",
            "ours NL Liberation Day", "a national holiday each year, off for all every fifth",
            "ours US Veterans Day (substitute day)",
                    "federal holidays on a weekend are observed beside it: 5 U.S.C. 6103(b)",
            "ours JP Citizens' Holiday", "21 September 2032 lies between two holidays, which makes it one (article 3)",
            "theirs ES", "Christmas on a Sunday is moved by some communities, not by the country");

    private static Map<String, Set<LocalDate>> second() throws IOException {
        try (InputStream in = HolidaysTest.class.getResourceAsStream("holidays.csv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#"))
                    .map(l -> l.split(";"))
                    .collect(Collectors.groupingBy(
                            p -> p[0],
                            TreeMap::new,
                            Collectors.mapping(p -> LocalDate.parse(p[1]), Collectors.toCollection(TreeSet::new))));
        }
    }

    @Test
    void tenYearsOfFourteenPlacesAreThoseOfTheSecondSource() throws IOException {
        Map<String, Set<LocalDate>> second = second();
        assertEquals(14, second.size());
        Set<String> different = new TreeSet<>();
        second.forEach((place, days) -> {
            assertTrue(days.size() > 50, place);
            for (LocalDate d = LocalDate.of(2024, 1, 1); d.getYear() < 2034; d = d.plusDays(1)) {
                List<String> ours = Holidays.on(d, place, Locale.ENGLISH);
                if (!ours.isEmpty() && !days.contains(d)) {
                    different.add("ours " + place + " " + ours.get(0));
                } else if (ours.isEmpty() && days.contains(d)) {
                    different.add("theirs " + place);
                }
            }
        });
        assertEquals(ARGUED.keySet(), different);
    }

    /** Bank holidays under the Banking and Financial Dealings Act 1971 (from memory): both days have their names in 2027. */
    @Test
    void aSubstituteStandsBesideTheDayItselfAndSaysSo() {
        assertEquals(List.of("Christmas"), on("GB-ENG", "2027-12-25", "en"));
        assertEquals(List.of("Boxing Day"), on("GB-ENG", "2027-12-26", "en"));
        assertTrue(on("GB-ENG", "2027-12-27", "en").get(0).endsWith("(substitute day)"));
        assertTrue(on("GB-ENG", "2027-12-28", "en").get(0).endsWith("(substitute day)"));
        assertEquals(List.of("Easter Monday"), on("GB-ENG", "2027-03-29", "en"));
        assertTrue(on("GB-SCT", "2027-03-29", "en").isEmpty(), "not in Scotland");
        assertEquals(1, on("GB-SCT", "2027-11-30", "en").size(), "Saint Andrew's Day");
        assertTrue(on("US", "2027-12-31", "en").get(0).startsWith("New Year"), "kept in the year before");
    }

    /** The Act on National Holidays as it is since 2020 (from memory): 18 days and a substitute in 2026. */
    @Test
    void japanHasItsPresentDays() {
        assertEquals(List.of("天皇誕生日"), on("JP", "2026-02-23", "ja"));
        assertTrue(on("JP", "2026-12-23", "ja").isEmpty(), "the birthday of the emperor before");
        assertEquals(List.of("春分の日"), on("JP", "2026-03-20", "ja"));
        assertEquals(List.of("憲法記念日（振替休日）"), on("JP", "2026-05-06", "ja"));
        assertEquals(List.of("国民の休日"), on("JP", "2026-09-22", "ja"));
        assertEquals(List.of("Sports Day"), on("JP", "2026-10-12", "en"));
    }

    @ParameterizedTest
    @CsvSource({
        "DE, 2027-05-06, de, Christi Himmelfahrt",
        "DE, 2027-10-03, fr, ''",
        "ES, 2027-12-25, es, Navidad",
        "IT, 2027-08-15, it, Ferragosto",
        "PL, 2027-05-03, pl, Święto Konstytucji 3 Maja",
        "FI, 2027-12-06, fi, Itsenäisyyspäivä",
        "DK, 2027-12-26, da, 2. juledag",
        "DE, 2027-05-06, ja, Christi Himmelfahrt",
        "ES, 2027-12-25, ja, Navidad"
    })
    void namesAreInTheBooksLanguageOrTheCountrysOwn(String place, String day, String language, String name) {
        List<String> said = on(place, day, language);
        assertEquals(1, said.size());
        if (!name.isEmpty()) {
            assertEquals(name, said.get(0));
        }
    }

    @Test
    void partsOfACountryHaveTheirOwn() {
        assertTrue(on("DE", "2027-01-06", "de").isEmpty());
        assertEquals(1, on("DE-BY", "2027-01-06", "de").size());
        assertTrue(HolidayPlace.parts("GB").stream().anyMatch(p -> p.code().equals("GB-SCT")));
        assertEquals(List.of(), HolidayPlace.parts(""));
        assertThrows(Trouble.class, () -> Holidays.require("DE-XX"));
        assertThrows(Trouble.class, () -> Holidays.require("ZZ"));
    }

    /** The Dutch King's Day is kept on Saturday 26 April in 2025 (decree of 2013, from memory). */
    @Test
    void whatIsMovedIsNotOnItsOldDay() {
        assertEquals(1, on("NL", "2025-04-26", "nl").size());
        assertTrue(on("NL", "2025-04-27", "nl").isEmpty());
        assertEquals(1, on("NL", "2026-04-27", "nl").size());
    }

    private static List<String> on(String place, String day, String language) {
        return Holidays.on(LocalDate.parse(day), place, Locale.forLanguageTag(language));
    }

    /** 5 U.S.C. 6103 names it so; elsewhere English has it with a u. */
    @Test
    void theUnitedStatesSpellTheirOwnDay() {
        LocalDate day = LocalDate.of(2027, 9, 6);
        assertEquals(List.of("Labor Day"), Holidays.on(day, "US", Locale.ENGLISH));
    }
}
