package jorn.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jorn.calendar.Occasion.Period;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Events of iCalendar files, against the worked examples of RFC 5545, 3.8.5.3. */
class CalendarFileTest {
    @TempDir
    Path folder;

    private Map<LocalDate, String> read(String from, String to, String... events) {
        StringBuilder text = new StringBuilder("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//test//EN\r\n");
        for (String event : events) {
            text.append("BEGIN:VEVENT\r\n").append(event.replace("\n", "\r\n")).append("\r\nEND:VEVENT\r\n");
        }
        text.append("END:VCALENDAR\r\n");
        try {
            Path file = Files.writeString(folder.resolve("c.ics"), text);
            return DayFile.read(file, Optional.of(new Period(LocalDate.parse(from), LocalDate.parse(to))));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<LocalDate> days(String... days) {
        return Stream.of(days).map(LocalDate::parse).toList();
    }

    private List<LocalDate> rounds(String from, String to, String start, String rule) {
        return List.copyOf(
                read(from, to, "DTSTART;TZID=America/New_York:" + start + "\nRRULE:" + rule + "\nSUMMARY:Hive\nUID:1")
                        .keySet());
    }

    /** RFC 5545, 3.3.10: an hour is one of 0 to 23. What is legal and never comes round ends, too. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "FREQ=HOURLY;INTERVAL=2147483647;BYHOUR=99",
                "FREQ=HOURLY;INTERVAL=24;BYHOUR=5",
                "FREQ=SECONDLY;INTERVAL=10000000;BYMONTH=2;BYMONTHDAY=30",
                "FREQ=MINUTELY;BYMINUTE=60",
                "FREQ=YEARLY;BYMONTH=13",
                "FREQ=MONTHLY;BYMONTHDAY=0",
                "FREQ=DAILY;INTERVAL=0"
            })
    void aRuleThatNeverComesRoundIsRefusedByTheNameOfItsEvent(String rule) {
        Trouble refused = assertTimeoutPreemptively(
                Duration.ofSeconds(5),
                () -> assertThrows(Trouble.class, () -> rounds("2026-01-01", "2026-12-31", "20260101T090000", rule)));
        assertTrue(refused.getMessage().contains("Hive"), refused.getMessage());
    }

    @Test
    void wordsForWhichNoDayHasRoomAreRefusedByTheirDay() {
        String event = "DTSTART;VALUE=DATE:20260704\nSUMMARY:" + "Hive ".repeat(101);
        Trouble refused = assertThrows(Trouble.class, () -> read("2026-01-01", "2026-12-31", event));
        assertTrue(refused.getMessage().contains("2026-07-04"), refused.getMessage());
    }

    @Test
    void theEndsOfTheRangesAreWithin() {
        assertEquals(
                days("2026-12-31"),
                rounds(
                                "2026-01-01",
                                "2026-12-31",
                                "20260101T235900",
                                "FREQ=YEARLY;BYMONTH=12;BYMONTHDAY=31;BYHOUR=23;BYMINUTE=59")
                        .stream()
                        .filter(d -> d.getMonthValue() == 12)
                        .toList());
        assertEquals(
                days("2026-12-31"),
                rounds("2026-01-01", "2026-12-31", "20260101T090000", "FREQ=YEARLY;BYYEARDAY=-1").stream()
                        .filter(d -> d.getMonthValue() == 12)
                        .toList());
    }

    @Test
    void dailyForTenTimes() {
        assertEquals(
                Stream.iterate(LocalDate.of(1997, 9, 2), d -> d.plusDays(1))
                        .limit(10)
                        .toList(),
                rounds("1997-01-01", "1998-12-31", "19970902T090000", "FREQ=DAILY;COUNT=10"));
    }

    @Test
    void theFirstFridayOfTheMonthForTenTimes() {
        assertEquals(
                days(
                        "1997-09-05",
                        "1997-10-03",
                        "1997-11-07",
                        "1997-12-05",
                        "1998-01-02",
                        "1998-02-06",
                        "1998-03-06",
                        "1998-04-03",
                        "1998-05-01",
                        "1998-06-05"),
                rounds("1997-01-01", "1999-12-31", "19970905T090000", "FREQ=MONTHLY;COUNT=10;BYDAY=1FR"));
    }

    @Test
    void everyOtherWeekOnTuesdayAndThursdayForEightTimes() {
        assertEquals(
                days(
                        "1997-09-02",
                        "1997-09-04",
                        "1997-09-16",
                        "1997-09-18",
                        "1997-09-30",
                        "1997-10-02",
                        "1997-10-14",
                        "1997-10-16"),
                rounds(
                        "1997-01-01",
                        "1999-12-31",
                        "19970902T090000",
                        "FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH"));
    }

    @Test
    void theFirstTuesdayAfterAMondayInNovemberEveryFourYears() {
        assertEquals(
                days("1996-11-05", "2000-11-07", "2004-11-02"),
                rounds(
                        "1996-01-01",
                        "2006-12-31",
                        "19961105T090000",
                        "FREQ=YEARLY;INTERVAL=4;BYMONTH=11;BYDAY=TU;BYMONTHDAY=2,3,4,5,6,7,8"));
    }

    @Test
    void whatComesForEverComesInTheBooksTimeAlone() {
        assertEquals(
                days("2027-03-20", "2028-03-20"),
                List.copyOf(read(
                                "2027-01-01",
                                "2028-12-31",
                                "DTSTART;VALUE=DATE:19990320\nRRULE:FREQ=YEARLY\nSUMMARY:Birthday\nUID:1")
                        .keySet()));
    }

    @Test
    void anEventWithAnAlarmIsKept() {
        assertEquals(
                Map.of(LocalDate.of(2027, 5, 1), "Inspect"),
                read(
                        "2027-01-01",
                        "2027-12-31",
                        "DTSTART;VALUE=DATE:20270501\nSUMMARY:Inspect\nBEGIN:VALARM\nACTION:DISPLAY\nTRIGGER:-PT15M\n"
                                + "DESCRIPTION:Soon\nSUMMARY:Alarm\nEND:VALARM"));
    }

    @Test
    void severalDaysAreAllMarkedAndTheEndOfAWholeDayIsNot() {
        assertEquals(
                days("2027-07-30", "2027-07-31", "2027-08-01"),
                List.copyOf(read(
                                "2027-01-01",
                                "2027-12-31",
                                "DTSTART;VALUE=DATE:20270730\nDTEND;VALUE=DATE:20270802\nSUMMARY:Fair")
                        .keySet()));
        assertEquals(
                days("2027-07-30", "2027-07-31"),
                List.copyOf(read(
                                "2027-01-01",
                                "2027-12-31",
                                "DTSTART;TZID=Europe/Berlin:20270730T200000\nDURATION:PT6H\nSUMMARY:Night")
                        .keySet()));
    }

    @Test
    void anEventStandsOnTheDayOfItsOwnTimeZone() {
        assertEquals(
                days("2027-06-01"),
                List.copyOf(read(
                                "2027-01-01",
                                "2027-12-31",
                                "DTSTART;TZID=Asia/Tokyo:20270601T003000\nSUMMARY:Call\nDTEND;TZID=Asia/Tokyo:20270601T013000")
                        .keySet()));
    }

    @Test
    void whatWasTakenOutMovedOrCancelledIsNotThere() {
        String weekly = "UID:7\nDTSTART;TZID=Europe/Berlin:20270104T180000\nRRULE:FREQ=WEEKLY;COUNT=4\n"
                + "EXDATE;TZID=Europe/Berlin:20270111T180000\nSUMMARY:Club";
        String moved = "UID:7\nRECURRENCE-ID;TZID=Europe/Berlin:20270118T180000\n"
                + "DTSTART;TZID=Europe/Berlin:20270119T180000\nSUMMARY:Club";
        String cancelled = "UID:8\nDTSTART;VALUE=DATE:20270301\nSTATUS:CANCELLED\nSUMMARY:Off";
        assertEquals(
                days("2027-01-04", "2027-01-19", "2027-01-25"),
                List.copyOf(read("2027-01-01", "2027-12-31", weekly, moved, cancelled)
                        .keySet()));
    }

    @Test
    void moreThanAPersonsCalendarIsRefusedAtOnce() {
        Trouble t = assertThrows(
                Trouble.class,
                () -> read("2027-01-01", "2031-12-31", "DTSTART:20270101T000000Z\nRRULE:FREQ=MINUTELY\nSUMMARY:Tick"));
        assertTrue(t.getMessage().contains("more than 50000 events"), t.getMessage());
    }

    @Test
    void aQuotedListKeepsItsCommas() throws IOException {
        Path csv = Files.writeString(
                folder.resolve("d.csv"),
                "2027-05-20,\"Bees, wax and honey\"\n2027-05-21,Open, free\n2027-05-20,Market\n");
        assertEquals(
                Map.of(
                        LocalDate.of(2027, 5, 20), "Bees, wax and honey, Market",
                        LocalDate.of(2027, 5, 21), "Open, free"),
                DayFile.read(csv));
        Path bad = Files.writeString(folder.resolve("b.csv"), "2027-02-30,No such day\n");
        assertTrue(assertThrows(Trouble.class, () -> DayFile.read(bad))
                .getMessage()
                .contains("2027-02-30"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "FREQ=SECONDLY",
                "FREQ=MINUTELY;INTERVAL=7",
                "FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30",
                "FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31",
                "FREQ=MONTHLY;BYDAY=MO;BYSETPOS=300",
                "FREQ=DAILY;INTERVAL=0",
                "FREQ=DAILY;UNTIL=19690101",
                "FREQ=WEEKLY;BYDAY=XX",
                "FREQ=HOURLY;BYMONTH=13",
                "rubbish"
            })
    void aRuleThatMeansNothingEndsSoon(String rule) {
        assertTimeoutPreemptively(Duration.ofSeconds(4), () -> {
            try {
                rounds("2026-01-01", "2026-12-31", "19700101T000000", rule);
            } catch (Trouble t) {
                assertTrue(t.getMessage().length() > 20, t.getMessage());
            }
        });
    }

    @Test
    void anHourlyEventOfOneDayStandsOnThatDay() {
        assertEquals(days("2026-03-04"), rounds("2026-01-01", "2026-12-31", "20260304T080000", "FREQ=HOURLY;COUNT=6"));
    }

    @Test
    void moreEventsThanAreTakenAreRefusedWithinASecond() {
        String[] many = new String[20_001];
        java.util.Arrays.fill(many, "DTSTART;VALUE=DATE:20260304\nSUMMARY:Hive");
        Trouble t = assertTimeoutPreemptively(
                Duration.ofSeconds(1), () -> assertThrows(Trouble.class, () -> read("2026-01-01", "2026-12-31", many)));
        assertTrue(t.what().contains("20001 events"), t.what());
    }

    @Test
    void alarmsFoldedLinesAndWhatIsCancelledAreAsTheStandardSays() {
        Map<LocalDate, String> read = read(
                "2026-01-01",
                "2026-12-31",
                "DTSTART;VALUE=DATE:20260304\nDTEND;VALUE=DATE:20260307\nSUMMARY:Bee mee\n ting\nBEGIN:VALARM\nACTION:DISPLAY\n"
                        + "DESCRIPTION:Wake up\nTRIGGER:-PT15M\nEND:VALARM",
                "DTSTART;VALUE=DATE:20260401\nSUMMARY:Gone\nSTATUS:CANCELLED");
        assertEquals(days("2026-03-04", "2026-03-05", "2026-03-06"), List.copyOf(read.keySet()));
        assertEquals("Bee meeting", read.get(LocalDate.of(2026, 3, 4)));
    }
}
