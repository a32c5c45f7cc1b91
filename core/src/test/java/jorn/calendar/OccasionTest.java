package jorn.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jorn.calendar.Occasion.Period;
import jorn.calendar.Occasion.Straddle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Stretches of the calendar, and lists of days. */
class OccasionTest {
    @TempDir
    Path folder;

    /** Names and last days; the weeks are those of ISO 8601, in which 1 January 2027 lies in the last week of 2026. */
    @ParameterizedTest
    @CsvSource({
        "DAY, 2026-10-09, 2026-10-09, 2026-10-09",
        "WEEK, 2026-10-05, 2026-W41, 2026-10-11",
        "WEEK, 2026-12-28, 2026-W53, 2027-01-03",
        "MONTH, 2028-02-01, 2028-02, 2028-02-29",
        "QUARTER, 2026-10-01, 2026-Q4, 2026-12-31",
        "QUARTER, 2026-01-01, 2026-Q1, 2026-03-31",
        "YEAR, 2026-07-01, 2026, 2027-06-30"
    })
    void aStretchIsNamedAndEnds(Span span, LocalDate from, String id, LocalDate to) {
        Occasion occasion = Occasion.of(span, from);
        assertEquals(id, occasion.id(WeekRule.ISO));
        assertEquals(Optional.of(to), occasion.to());
    }

    /** A term of sixteen weeks fills four pages, and each begins where the one before ended. */
    @Test
    void aTermOfSixteenWeeksFillsFourPages() {
        assertEquals(
                Stream.of("2026-09-07", "2026-10-05", "2026-11-02", "2026-11-30")
                        .map(LocalDate::parse)
                        .toList(),
                starts(Span.FOUR_WEEKS, "2026-09-07", "2026-12-27", Straddle.FIRST_DAY));
        assertEquals(
                LocalDate.of(2026, 10, 4),
                Occasion.of(Span.FOUR_WEEKS, LocalDate.of(2026, 9, 7)).to().orElseThrow());
        assertEquals(
                "2026-W37+4",
                Occasion.of(Span.FOUR_WEEKS, LocalDate.of(2026, 9, 7)).id(WeekRule.ISO));
    }

    @Test
    void whatHasNoDateHasNoNameAndNoEnd() {
        assertEquals("", Occasion.undated(Span.WEEK, 3).id(WeekRule.ISO));
        assertEquals("", Occasion.NONE.id(WeekRule.ISO));
        assertEquals(Optional.empty(), Occasion.undated(Span.WEEK, 3).to());
        LocalDate day = LocalDate.of(2026, 5, 1);
        assertEquals(Optional.of(day), new Occasion(Optional.empty(), Optional.of(day), 1).to());
        assertEquals("", new Occasion(Optional.empty(), Optional.of(day), 1).id(WeekRule.ISO));
    }

    private static List<LocalDate> starts(Span span, String from, String to, Straddle straddle) {
        Period part = new Period(LocalDate.parse(from), LocalDate.parse(to));
        List<Occasion> all = Occasion.in(
                span, part, new Period(LocalDate.of(2026, 1, 1), LocalDate.of(2027, 12, 31)), WeekRule.ISO, straddle);
        for (int i = 0; i < all.size(); i++) {
            assertEquals(i + 1, all.get(i).number());
        }
        return all.stream().map(o -> o.from().orElseThrow()).toList();
    }

    private static List<LocalDate> days(String... days) {
        return Stream.of(days).map(LocalDate::parse).toList();
    }

    @Test
    void stretchesBeginWhereTheCalendarDoes() {
        assertEquals(
                days("2026-01-01", "2026-04-01", "2026-07-01", "2026-10-01"),
                starts(Span.QUARTER, "2026-02-15", "2026-12-31", Straddle.FIRST_DAY));
        assertEquals(
                days("2026-02-01", "2026-03-01"), starts(Span.MONTH, "2026-02-15", "2026-03-31", Straddle.FIRST_DAY));
        assertEquals(days("2026-02-27", "2026-02-28"), starts(Span.DAY, "2026-02-27", "2026-02-28", Straddle.BOTH));
        assertEquals(
                2, starts(Span.YEAR, "2026-01-01", "2027-12-31", Straddle.BOTH).size());
    }

    /** The week of 29 June to 5 July 2026 lies in two months; its Thursday is 2 July. */
    @Test
    void aWeekInTwoMonthsBelongsToOneOrBothAsIsChosen() {
        LocalDate week = LocalDate.of(2026, 6, 29);
        assertTrue(starts(Span.WEEK, "2026-06-01", "2026-06-30", Straddle.FIRST_DAY)
                .contains(week));
        assertFalse(starts(Span.WEEK, "2026-07-01", "2026-07-31", Straddle.FIRST_DAY)
                .contains(week));
        assertFalse(
                starts(Span.WEEK, "2026-06-01", "2026-06-30", Straddle.THURSDAY).contains(week));
        assertTrue(
                starts(Span.WEEK, "2026-07-01", "2026-07-31", Straddle.THURSDAY).contains(week));
        assertTrue(starts(Span.WEEK, "2026-06-01", "2026-06-30", Straddle.BOTH).contains(week));
        assertTrue(starts(Span.WEEK, "2026-07-01", "2026-07-31", Straddle.BOTH).contains(week));
    }

    private Map<LocalDate, String> list(String text) throws IOException {
        return DayFile.read(Files.writeString(folder.resolve("days.csv"), text), Optional.empty());
    }

    @Test
    void aListIsReadWithCommasSemicolonsOrTabs() throws IOException {
        LocalDate day = LocalDate.of(2026, 10, 9);
        assertEquals(Map.of(day, "Open day"), list("2026-10-09,Open day\n"));
        assertEquals(Map.of(day, "Open day"), list("2026-10-09;Open day\n"));
        assertEquals(Map.of(day, "Open day; with tea"), list("2026-10-09;Open day;with tea\n"));
        assertEquals(Map.of(day, "Open day, with tea"), list("2026-10-09,Open day,with tea\n"));
        assertEquals(Map.of(day, "Open day  with tea"), list("2026-10-09\tOpen day\twith tea\n"));
        assertEquals(Map.of(day, "Tea; cake"), list("2026-10-09,Tea; cake\n"));
    }

    @Test
    void twoThingsOnOneDayStandTogetherAndTheSameOneOnce() throws IOException {
        LocalDate day = LocalDate.of(2026, 10, 9);
        assertEquals(Map.of(day, "Tea, Cake"), list("2026-10-09,Tea\n2026-10-09,Cake\n2026-10-09,Tea\n"));
        assertEquals(Map.of(day, "Tea"), list("date,what\n2026-10-09,Tea\n2026-10-09, \nnext week,Cake\n2026-10-10\n"));
    }
}
