package jorn.calendar;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jorn.calendar.Occasion.Straddle;
import jorn.measure.Trouble;
import jorn.say.BookWords;

/**
 * What the user decides about dates.
 *
 * @param from first day of a dated book; absent where undated
 * @param to last day, not before the first and within five years
 * @param weeks on which day weeks begin and how they are numbered
 * @param language of the names of days and months, as an IETF tag
 * @param straddle to which month a week belongs that lies in two
 * @param holidays code of the country or of the part of one whose holidays are noted, see {@link HolidayPlace}; empty for none
 * @param moon whether the phases of the moon are marked
 * @param personal the user's own dates
 * @param beside a second language whose words stand beside those of the first, as an IETF tag; empty for none
 */
@RecordBuilder
public record CalendarChoice(
        Optional<LocalDate> from,
        Optional<LocalDate> to,
        WeekRule weeks,
        String language,
        Straddle straddle,
        String holidays,
        boolean moon,
        Map<LocalDate, String> personal,
        String beside)
        implements CalendarChoiceBuilder.With {
    /** Undated, ISO weeks, English. */
    public static final CalendarChoice UNDATED = new CalendarChoice(
            Optional.empty(), Optional.empty(), WeekRule.ISO, "en", Straddle.FIRST_DAY, "", false, Map.of(), "");

    private static final String BESIDE = " · ";
    private static final long LONGEST_DAYS = 5 * 366;

    public CalendarChoice {
        weeks = weeks == null ? WeekRule.ISO : weeks;
        language = language == null || language.isBlank() ? "en" : language.strip();
        straddle = straddle == null ? Straddle.FIRST_DAY : straddle;
        holidays = holidays == null ? "" : holidays.strip().toUpperCase(Locale.ROOT);
        personal = personal == null ? Map.of() : java.util.Collections.unmodifiableMap(new TreeMap<>(personal));
        if (from.isPresent() != to.isPresent()) {
            throw Trouble.of("calendar.calendar-choice.dated-book-needs-first");
        }
        if (from.isPresent()) {
            if (to.get().isBefore(from.get())) {
                throw Trouble.of("calendar.calendar-choice.period-ends-on-before", to.get(), from.get());
            }
            if (ChronoUnit.DAYS.between(from.get(), to.get()) > LONGEST_DAYS) {
                throw Trouble.of("calendar.calendar-choice.period-more-than-five");
            }
        }
        beside = beside == null ? "" : beside.strip();
        BookLanguage.require(language);
        if (!beside.isEmpty()) {
            BookLanguage.require(beside);
        }
        Holidays.require(holidays);
    }

    /** The countries whose holidays are known, by their two letters. */
    public static SortedSet<String> countries() {
        return Holidays.countries();
    }

    /** The same without a period. */
    public CalendarChoice undated() {
        return new CalendarChoice(
                Optional.empty(), Optional.empty(), weeks, language, straddle, holidays, moon, personal, beside);
    }

    /** The same for a period. */
    public CalendarChoice dated(LocalDate first, LocalDate last) {
        return new CalendarChoice(
                Optional.of(first), Optional.of(last), weeks, language, straddle, holidays, moon, personal, beside);
    }

    @JsonIgnore
    public boolean isDated() {
        return from.isPresent();
    }

    @JsonIgnore
    public Locale locale() {
        return Locale.forLanguageTag(language);
    }

    /** What is written on pages by key, in the book's language and, where a second stands beside it, in that too. */
    public String words(String text) {
        return BookWords.key(text)
                .map(key -> besideOf(BookWords.in(language, key), tag -> BookWords.in(tag, key)))
                .orElse(text);
    }

    private String besideOf(String first, UnaryOperator<String> other) {
        if (beside.isEmpty()) {
            return first;
        }
        String second = other.apply(beside);
        return second.equals(first) ? first : first + BESIDE + second;
    }

    /** A month's name as it stands alone on a page: "October", "Octobre · October". */
    public String name(Month month, TextStyle style) {
        String own = DateWords.name(month, style, locale());
        return isWhole(style) ? besideOf(own, tag -> DateWords.name(month, style, Locale.forLanguageTag(tag))) : own;
    }

    /** A day's name as it stands alone on a page. */
    public String name(DayOfWeek day, TextStyle style) {
        String own = DateWords.name(day, style, locale());
        return isWhole(style) ? besideOf(own, tag -> DateWords.name(day, style, Locale.forLanguageTag(tag))) : own;
    }

    /** Short forms have no room for a second language. */
    private static boolean isWhole(TextStyle style) {
        return style == TextStyle.FULL || style == TextStyle.FULL_STANDALONE;
    }

    /** Whether the book's language is written from right to left, so that its pages are laid out from the right. */
    @JsonIgnore
    public boolean isRightToLeft() {
        return BookLanguage.isRightToLeft(language);
    }

    /**
     * From one day to another in as few words as are clear: "5 – 11 Oct", "28 Dec – 3 Jan". Words and order are those of the Unicode
     * CLDR for the book's language.
     */
    public String range(LocalDate first, LocalDate last) {
        return DateWords.range(first, last, locale());
    }

    /** A day of the year with its weekday, short: "Fri, Jan 1". */
    public String shortDate(LocalDate day) {
        return DateWords.shortDate(day, locale());
    }

    /** A day of any year: "5 October". */
    public String dayOfMonth(LocalDate day) {
        return DateWords.dayOfMonth(day, locale());
    }

    /** What is to be noted on a day: holidays, the user's own, a phase of the moon. */
    public List<String> notes(LocalDate day) {
        List<String> all = new java.util.ArrayList<>(Holidays.on(day, holidays, locale()));
        Optional.ofNullable(personal.get(day)).ifPresent(all::add);
        if (moon) {
            Moon.phaseOn(day).ifPresent(p -> all.add(p.word()));
        }
        return all;
    }
}
