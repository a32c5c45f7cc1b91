package jorn.measure;

import java.text.ParsePosition;
import java.time.LocalDate;
import java.time.chrono.IsoChronology;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.format.FormatStyle;
import java.time.format.ResolverStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.say.Wording;

/** Days as people write them, in the order of their own country, and as Jorn writes them back. */
public final class Days {
    private Days() {}

    /**
     * Reads a day: as ISO 8601 writes it (2026-11-25), in figures in the order of the user's country (25.11.2026, 11/25/2026), or with the
     * month's name (25 November 2026).
     *
     * @throws Trouble with an example
     */
    public static LocalDate read(String text) {
        return read(text, Locale.getDefault(Locale.Category.FORMAT));
    }

    /**
     * Reads a day as files have it, wherever they are read.
     *
     * @throws Trouble with an example
     */
    public static LocalDate iso(String text) {
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException e) {
            throw Trouble.because(e, "measure.days.no-iso-day", text.strip());
        }
    }

    /** @param country whose order of day, month and year figures have */
    static LocalDate read(String text, Locale country) {
        String bare = text.strip().replaceAll("\\s+", " ");
        for (String pattern : patterns(country)) {
            for (Locale names : List.of(Wording.language().locale(), country, Locale.ENGLISH)) {
                Optional<LocalDate> day = parsed(bare, reader(pattern, names));
                if (day.isPresent()) {
                    return day.get();
                }
            }
        }
        throw Trouble.of("measure.days.no-day", text.strip(), written(LocalDate.of(2027, 1, 31)));
    }

    private static Optional<LocalDate> parsed(String text, DateTimeFormatter reader) {
        ParsePosition end = new ParsePosition(0);
        boolean whole =
                reader.parseUnresolved(text, end) != null && end.getErrorIndex() < 0 && end.getIndex() == text.length();
        try {
            return whole ? Optional.of(LocalDate.parse(text, reader)) : Optional.empty();
        } catch (DateTimeParseException e) {
            // The form is right, but there is no such day: 31 February.
            throw Trouble.because(e, "measure.days.no-day", text, written(LocalDate.of(2027, 1, 31)));
        }
    }

    private static DateTimeFormatter reader(String pattern, Locale names) {
        return new DateTimeFormatterBuilder()
                .parseCaseInsensitive()
                .appendPattern(pattern)
                .toFormatter(names)
                .withResolverStyle(ResolverStyle.STRICT);
    }

    private static List<String> patterns(Locale country) {
        return isMonthFirst(country)
                ? List.of(
                        "uuuu-M-d",
                        "M/d/uuuu",
                        "M-d-uuuu",
                        "d.M.uuuu",
                        "MMMM d, uuuu",
                        "MMM d, uuuu",
                        "d MMMM uuuu",
                        "d MMM uuuu",
                        "d. MMMM uuuu")
                : List.of(
                        "uuuu-M-d",
                        "d.M.uuuu",
                        "d/M/uuuu",
                        "d-M-uuuu",
                        "d. M. uuuu",
                        "d MMMM uuuu",
                        "d MMM uuuu",
                        "d. MMMM uuuu",
                        "MMMM d, uuuu");
    }

    /** Whether a country writes the month before the day; by its short form in the Unicode CLDR, which Java carries. */
    private static boolean isMonthFirst(Locale country) {
        String shortest = DateTimeFormatterBuilder.getLocalizedDateTimePattern(
                FormatStyle.SHORT, null, IsoChronology.INSTANCE, country);
        return shortest.indexOf('M') >= 0 && shortest.indexOf('M') < shortest.indexOf('d') && shortest.indexOf('y') > 0;
    }

    /** The day with the month's name, in the language that is spoken: 31 January 2027; 31. Januar 2027. */
    public static String written(LocalDate day) {
        Locale names = Wording.language().locale();
        String pattern = names.getLanguage().equals("de") ? "d. MMMM uuuu" : "d MMMM uuuu";
        return DateTimeFormatter.ofPattern(pattern, names).format(day);
    }
}
