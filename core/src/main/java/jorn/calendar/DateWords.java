package jorn.calendar;

import com.ibm.icu.text.DateIntervalFormat;
import com.ibm.icu.text.DateIntervalInfo;
import com.ibm.icu.text.DateTimePatternGenerator;
import com.ibm.icu.text.SimpleDateFormat;
import com.ibm.icu.util.DateInterval;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZoneOffset;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Days written as the Unicode CLDR has them for a language: order, case and short forms are each language's own. */
final class DateWords {
    private static final Map<String, DateIntervalFormat> RANGES = new ConcurrentHashMap<>();
    private static final Map<String, SimpleDateFormat> DAYS = new ConcurrentHashMap<>();
    private static final TimeZone ZONE = TimeZone.GMT_ZONE;

    private DateWords() {}

    /** The language with the figures that pages have everywhere else, which are 0 to 9. */
    private static ULocale withFigures(Locale locale) {
        return new ULocale.Builder()
                .setLocale(ULocale.forLocale(locale))
                .setUnicodeLocaleKeyword("nu", "latn")
                .build();
    }

    private static long millis(LocalDate day) {
        return day.atStartOfDay(ZoneOffset.UTC).toInstant().toEpochMilli();
    }

    /** A day of the year with its weekday, short: "Fri, Jan 1". */
    static String shortDate(LocalDate day, Locale locale) {
        return plain(written("MMMEd", day, locale));
    }

    /** A day of any year: "5 October". */
    static String dayOfMonth(LocalDate day, Locale locale) {
        return written("MMMMd", day, locale);
    }

    /** A month's name standing alone, with a capital as words that stand alone have it on a page. */
    static String name(Month month, TextStyle style, Locale locale) {
        return capital(month.getDisplayName(style, locale), locale);
    }

    /** As {@link #name(Month, TextStyle, Locale)}. */
    static String name(DayOfWeek day, TextStyle style, Locale locale) {
        return capital(day.getDisplayName(style, locale), locale);
    }

    private static String capital(String word, Locale locale) {
        int first = word.isEmpty() ? 0 : word.offsetByCodePoints(0, 1);
        return word.substring(0, first).toUpperCase(locale) + word.substring(first);
    }

    private static String written(String parts, LocalDate day, Locale locale) {
        SimpleDateFormat format = DAYS.computeIfAbsent(locale.toLanguageTag() + " " + parts, key -> {
            ULocale own = withFigures(locale);
            SimpleDateFormat made = new SimpleDateFormat(
                    DateTimePatternGenerator.getInstance(own).getBestPattern(parts), own);
            made.setTimeZone(ZONE);
            return made;
        });
        synchronized (format) {
            return format.format(Long.valueOf(millis(day)));
        }
    }

    /** From one day to another, without the year: "5 – 11 Oct". */
    static String range(LocalDate first, LocalDate last, Locale locale) {
        if (first.getYear() != last.getYear()) {
            // The CLDR would name both years; here they stand elsewhere in the head.
            String joined = new DateIntervalInfo(withFigures(locale)).getFallbackIntervalPattern();
            return plain(joined.replace("{0}", written("MMMd", first, locale))
                    .replace("{1}", written("MMMd", last, locale)));
        }
        DateIntervalFormat format = RANGES.computeIfAbsent(locale.toLanguageTag(), tag -> {
            DateIntervalFormat made = DateIntervalFormat.getInstance("MMMd", withFigures(locale));
            made.setTimeZone(ZONE);
            return made;
        });
        synchronized (format) {
            return plain(format.format(new DateInterval(millis(first), millis(last))));
        }
    }

    /** Thin spaces around the dash are wanted by typographers, but not every face has them. */
    private static String plain(String words) {
        return words.replace('\u2009', ' ').replace('\u202f', ' ').replace('\u00a0', ' ');
    }
}
