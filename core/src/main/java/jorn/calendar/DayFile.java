package jorn.calendar;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.TreeMap;
import jorn.measure.TextFile;
import jorn.measure.Trouble;

/** Personal dates from a file: an .ics calendar (RFC 5545; all-day and timed events by their first day), or lines "2026-10-09, words". */
public final class DayFile {
    private static final int MOST = 10_000;

    private DayFile() {}

    /** @throws Trouble where the file holds no dates */
    public static Map<LocalDate, String> read(Path file) {
        String text = TextFile.read(file);
        Map<LocalDate, String> days = text.stripLeading().startsWith("BEGIN:VCALENDAR") ? calendar(text) : lines(text);
        if (days.isEmpty()) {
            throw Trouble.of(
                    file.getFileName() + " holds no dates.",
                    "Give an .ics calendar, or lines such as 2026-10-09, Hive open day.");
        }
        return days;
    }

    private static Map<LocalDate, String> calendar(String text) {
        Map<LocalDate, String> days = new TreeMap<>();
        LocalDate day = null;
        String words = "";
        // Long lines are folded: a line that begins with a space goes on with the one before (RFC 5545, 3.1).
        for (String line : text.replaceAll("\\R[ \\t]", "").split("\\R")) {
            int colon = line.indexOf(':');
            String name = colon < 0 ? line : line.substring(0, colon).split(";")[0];
            String value = colon < 0 ? "" : line.substring(colon + 1).strip();
            switch (name) {
                case "BEGIN" -> {
                    day = null;
                    words = "";
                }
                case "DTSTART" -> day = compactDay(value);
                case "SUMMARY" -> words =
                        value.replace("\\,", ",").replace("\\;", ";").replace("\\n", " ");
                case "END" -> add(days, day, words);
                default -> {
                    // Other properties say nothing about the day or its words.
                }
            }
        }
        return days;
    }

    private static LocalDate compactDay(String value) {
        if (!value.matches("\\d{8}.*")) {
            return null;
        }
        try {
            return LocalDate.parse(value.substring(0, 8), DateTimeFormatter.BASIC_ISO_DATE);
        } catch (DateTimeParseException e) {
            return null;
        }
    }

    private static Map<LocalDate, String> lines(String text) {
        Map<LocalDate, String> days = new TreeMap<>();
        for (String line : text.split("\\R")) {
            String[] parts = line.split("[,;\\t]", 2);
            if (parts.length == 2 && parts[0].strip().matches("\\d{4}-\\d{2}-\\d{2}")) {
                try {
                    add(
                            days,
                            LocalDate.parse(parts[0].strip()),
                            parts[1].strip().replaceAll("^\"|\"$", ""));
                } catch (DateTimeParseException e) {
                    throw Trouble.because("“" + parts[0].strip() + "” is no day.", "Mend that line.", e);
                }
            }
        }
        return days;
    }

    private static void add(Map<LocalDate, String> days, LocalDate day, String words) {
        if (day != null && !words.isBlank() && days.size() < MOST) {
            days.merge(day, words, (a, b) -> a.equals(b) ? a : a + ", " + b);
        }
    }
}
