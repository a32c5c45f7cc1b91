package jorn.calendar;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jorn.calendar.Occasion.Period;
import jorn.measure.Days;
import jorn.measure.TextFile;
import jorn.measure.Trouble;
import jorn.say.Wording;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Personal dates from a file: an .ics calendar, or a list with a day and words in each line: "2026-10-09, words". */
public final class DayFile {
    private static final int MOST = 10_000;
    /** Words for a day, in letters. */
    private static final int LONGEST = 500;

    /** How far an undated book looks ahead into a calendar in which things come round again. */
    private static final int YEARS = 3;

    private DayFile() {}

    /** The dates of an undated book; see {@link #read(Path, Optional)}. */
    public static Map<LocalDate, String> read(Path file) {
        return read(file, Optional.empty());
    }

    /**
     * Reads a file.
     *
     * @param within the book's time, for what comes round again; a list of days is read whole
     * @throws Trouble where the file holds no dates
     */
    public static Map<LocalDate, String> read(Path file, Optional<Period> within) {
        String text = TextFile.read(file);
        Map<LocalDate, String> days = new TreeMap<>();
        if (text.stripLeading().startsWith("BEGIN:VCALENDAR")) {
            CalendarFile.read(text, within.orElseGet(DayFile::ahead), (day, words) -> add(days, day, words));
        } else {
            list(text, days);
        }
        if (days.isEmpty()) {
            throw Trouble.of(
                    "calendar.day-file.holds-no-dates",
                    file.getFileName(),
                    within.map(p -> Wording.of("calendar.day-file.from", p.from(), p.to()))
                            .orElse(""));
        }
        return days;
    }

    private static Period ahead() {
        LocalDate year = LocalDate.now(ZoneId.systemDefault()).withDayOfYear(1);
        return new Period(year, year.plusYears(YEARS));
    }

    private static void list(String text, Map<LocalDate, String> days) {
        char between = text.contains("\t") ? '\t' : text.contains(";") && !text.contains(",") ? ';' : ',';
        CSVFormat format = CSVFormat.Builder.create(CSVFormat.DEFAULT)
                .setDelimiter(between)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .build();
        try (CSVParser lines = CSVParser.parse(text, format)) {
            for (CSVRecord line : lines) {
                if (line.size() > 1 && line.get(0).matches("\\d{4}-\\d{2}-\\d{2}")) {
                    add(days, Days.read(line.get(0)), words(line, between));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UncheckedIOException e) {
            throw Trouble.because(e, "calendar.day-file.list-days-cannot-read");
        }
    }

    /** All that follows the day: words that were not quoted may hold the sign between fields. */
    private static String words(CSVRecord line, char between) {
        StringBuilder words = new StringBuilder(line.get(1));
        for (int i = 2; i < line.size(); i++) {
            words.append(between == '\t' ? ' ' : between).append(' ').append(line.get(i));
        }
        return words.toString().strip();
    }

    private static void add(Map<LocalDate, String> days, LocalDate day, String words) {
        if (words.length() > LONGEST) {
            throw Trouble.of("calendar.day-file.words-too-long", day, words.length(), LONGEST);
        }
        if (!words.isBlank() && (days.size() < MOST || days.containsKey(day))) {
            days.merge(day, words, (a, b) -> (", " + a + ", ").contains(", " + b + ", ") ? a : a + ", " + b);
        }
    }
}
