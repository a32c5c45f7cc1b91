package jorn.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.ibm.icu.util.GregorianCalendar;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.calendar.Occasion.Period;
import jorn.calendar.Occasion.Straddle;
import jorn.measure.Trouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalendarTest {
    @TempDir
    Path folder;

    /** ISO 8601: 2026 has 53 weeks, 2025 has 52, and 1 January 2021 lies in 2020-W53. */
    @ParameterizedTest
    @CsvSource({
        "2026-12-31, 2026-W53",
        "2025-12-28, 2025-W52",
        "2021-01-01, 2020-W53",
        "2026-10-09, 2026-W41",
        "2024-12-30, 2025-W01"
    })
    void weeksAreNumberedAsIso8601Says(LocalDate day, String id) {
        assertEquals(id, Occasion.of(Span.WEEK, WeekRule.ISO.startOf(day)).id(WeekRule.ISO));
    }

    @Property(tries = 2000)
    void isoWeeksAgreeWithTheJdk(@ForAll @IntRange(min = -150_000, max = 150_000) int day) {
        LocalDate d = LocalDate.ofEpochDay(day);
        assertEquals(d.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR), WeekRule.ISO.number(d));
        assertEquals(d.get(IsoFields.WEEK_BASED_YEAR), WeekRule.ISO.year(d));
    }

    @Property(tries = 1000)
    void bothSchoolsAgreeWithIcu(@ForAll @IntRange(min = 0, max = 40_000) int day) {
        LocalDate d = LocalDate.ofEpochDay(day);
        GregorianCalendar icu = new GregorianCalendar(TimeZone.GMT_ZONE, ULocale.US);
        icu.setTimeInMillis(day * 86_400_000L);
        icu.setFirstDayOfWeek(GregorianCalendar.MONDAY);
        icu.setMinimalDaysInFirstWeek(4);
        assertEquals(icu.get(GregorianCalendar.WEEK_OF_YEAR), WeekRule.ISO.number(d));
        icu.setFirstDayOfWeek(GregorianCalendar.SUNDAY);
        icu.setMinimalDaysInFirstWeek(1);
        assertEquals(icu.get(GregorianCalendar.WEEK_OF_YEAR), WeekRule.SUNDAY.number(d));
    }

    /** Against an independent calculation: Zeller's congruence, for every month of 400 years and both first days. */
    @Test
    void monthGridsAreRightForFourHundredYears() {
        for (int year = 1900; year < 2300; year++) {
            for (int month = 1; month <= 12; month++) {
                for (WeekRule weeks : List.of(WeekRule.ISO, WeekRule.SUNDAY)) {
                    MonthSheet sheet = MonthSheet.of(YearMonth.of(year, month), weeks);
                    int column = (zeller(year, month, 1) - (weeks.equals(WeekRule.ISO) ? 2 : 1) + 7) % 7;
                    assertEquals(LocalDate.of(year, month, 1), sheet.day(0, column));
                    int inside = 0;
                    for (int i = 0; i < 42; i++) {
                        inside += sheet.isInside(i / 7, i % 7) ? 1 : 0;
                    }
                    assertEquals(YearMonth.of(year, month).lengthOfMonth(), inside);
                    assertEquals((column + inside + 6) / 7, sheet.rowsInUse());
                }
            }
        }
    }

    /** Day of the week, 1 for Sunday (Zeller 1887). */
    private static int zeller(int year, int month, int day) {
        int m = month < 3 ? month + 12 : month;
        int y = month < 3 ? year - 1 : year;
        int h = (day + 13 * (m + 1) / 5 + y % 100 + y % 100 / 4 + y / 100 / 4 + 5 * (y / 100)) % 7;
        return h == 0 ? 7 : h;
    }

    @Test
    void aJulyToJuneYearTouches53Weeks() {
        Period year = new Period(LocalDate.of(2026, 7, 1), LocalDate.of(2027, 6, 30));
        assertEquals(
                53,
                Occasion.in(Span.WEEK, year, year, WeekRule.ISO, Straddle.FIRST_DAY)
                        .size());
        assertEquals(
                365,
                Occasion.in(Span.DAY, year, year, WeekRule.ISO, Straddle.FIRST_DAY)
                        .size());
        assertEquals(
                12,
                Occasion.in(Span.MONTH, year, year, WeekRule.ISO, Straddle.FIRST_DAY)
                        .size());
    }

    @Property(tries = 300)
    void everyWeekOfAPeriodBelongsToExactlyOneMonth(
            @ForAll @IntRange(min = 0, max = 20_000) int start,
            @ForAll @IntRange(min = 20, max = 500) int days,
            @ForAll boolean sunday) {
        Period period = new Period(LocalDate.ofEpochDay(start), LocalDate.ofEpochDay(start + days));
        WeekRule weeks = sunday ? WeekRule.SUNDAY : WeekRule.ISO;
        int whole = Occasion.in(Span.WEEK, period, period, weeks, Straddle.FIRST_DAY)
                .size();
        for (Straddle straddle : List.of(Straddle.FIRST_DAY, Straddle.THURSDAY)) {
            int sum = 0;
            for (Occasion month : Occasion.in(Span.MONTH, period, period, weeks, straddle)) {
                LocalDate from = month.from().orElseThrow();
                LocalDate to = month.to().orElseThrow();
                Period part = new Period(period.clamp(from), period.clamp(to));
                sum += Occasion.in(Span.WEEK, part, period, weeks, straddle).size();
            }
            assertEquals(whole, sum, straddle + " " + period);
        }
    }

    /** Denmark: since 2024 Great Prayer Day is no public holiday (Act no. 214 of 2023); Easter Sunday 2026 is 5 April. */
    @Test
    void holidaysFallOnTheirPublishedDays() {
        CalendarChoice denmark = CalendarChoice.UNDATED.withHolidays("dk");
        assertFalse(denmark.notes(LocalDate.of(2026, 4, 5)).isEmpty());
        assertFalse(denmark.notes(LocalDate.of(2026, 12, 25)).isEmpty());
        assertTrue(denmark.notes(LocalDate.of(2026, 3, 3)).isEmpty());
        CalendarChoice us = CalendarChoice.UNDATED.withHolidays("US");
        assertFalse(us.notes(LocalDate.of(2026, 7, 3)).isEmpty()
                && us.notes(LocalDate.of(2026, 7, 4)).isEmpty());
        assertFalse(us.notes(LocalDate.of(2026, 11, 26)).isEmpty(), "Thanksgiving, the fourth Thursday of November");
        assertThrows(Trouble.class, () -> CalendarChoice.UNDATED.withHolidays("ZZ"));
    }

    /** Published by observatories: full moon on 3 January 2026 and new moon on 18 January 2026 (UTC). */
    @Test
    void theMoonIsFullAndNewOnItsDays() {
        assertEquals(Optional.of(Moon.FULL), Moon.phaseOn(LocalDate.of(2026, 1, 3)));
        assertEquals(Optional.of(Moon.NEW), Moon.phaseOn(LocalDate.of(2026, 1, 18)));
        assertEquals(Optional.empty(), Moon.phaseOn(LocalDate.of(2026, 1, 7)));
    }

    @Test
    void aPeriodThatEndsBeforeItStartsIsRefused() {
        LocalDate day = LocalDate.of(2026, 5, 1);
        assertThrows(Trouble.class, () -> CalendarChoice.UNDATED.dated(day, day.minusDays(1)));
        assertThrows(Trouble.class, () -> CalendarChoice.UNDATED.dated(day, day.plusYears(9)));
        assertThrows(Trouble.class, () -> CalendarChoice.UNDATED.withLanguage("?"));
    }

    /** RFC 5545, 3.6.1 and 3.1: events, folded lines, escaped commas. */
    @Test
    void readsPersonalDatesFromACalendarOrALists() throws IOException {
        Path ics = folder.resolve("bees.ics");
        Files.writeString(
                ics,
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART;VALUE=DATE:20261009\r\nSUMMARY:Open day\\, with\r\n  honey\r\nEND:VEVENT\r\n"
                        + "BEGIN:VEVENT\r\nDTSTART:20261010T090000Z\r\nSUMMARY:Market\r\nEND:VEVENT\r\ngarbage\r\nEND:VCALENDAR\r\n");
        assertEquals(
                Map.of(LocalDate.of(2026, 10, 9), "Open day, with honey", LocalDate.of(2026, 10, 10), "Market"),
                DayFile.read(ics));
        Path csv = folder.resolve("days.csv");
        Files.write(
                csv, "date,what\n2026-05-20,Weltbienentag für Lüneburg\n".getBytes(Charset.forName("windows-1252")));
        assertEquals(Map.of(LocalDate.of(2026, 5, 20), "Weltbienentag für Lüneburg"), DayFile.read(csv));
        Path none = Files.writeString(folder.resolve("x.ics"), "BEGIN:VCALENDAR\nnothing\n");
        assertThrows(Trouble.class, () -> DayFile.read(none));
        assertThrows(Trouble.class, () -> DayFile.read(folder.resolve("missing.ics")));
    }

    @Test
    void theFirstColumnIsTheFirstDay() {
        assertEquals(DayOfWeek.MONDAY, WeekRule.ISO.column(0));
        assertEquals(DayOfWeek.SATURDAY, WeekRule.SUNDAY.column(6));
    }
}
