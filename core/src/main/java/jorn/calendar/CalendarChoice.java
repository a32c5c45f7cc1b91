package jorn.calendar;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import jorn.calendar.Occasion.Straddle;
import jorn.measure.Trouble;

/**
 * What the user decides about dates.
 *
 * @param from first day of a dated book; absent where undated
 * @param to last day, not before the first and within five years
 * @param weeks on which day weeks begin and how they are numbered
 * @param language of the names of days and months, as an IETF tag
 * @param straddle to which month a week belongs that lies in two
 * @param holidays country code for holidays; empty for none
 * @param moon whether the phases of the moon are marked
 * @param personal the user's own dates
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
        Map<LocalDate, String> personal)
        implements CalendarChoiceBuilder.With {
    /** Undated, ISO weeks, English. */
    public static final CalendarChoice UNDATED = new CalendarChoice(
            Optional.empty(), Optional.empty(), WeekRule.ISO, "en", Straddle.FIRST_DAY, "", false, Map.of());

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
        if (Locale.forLanguageTag(language).getLanguage().isEmpty()) {
            throw Trouble.of("calendar.calendar-choice.not-language", language);
        }
        Holidays.requireCountry(holidays);
    }

    /** The languages in which the names of days and months are known, as IETF tags without a country. */
    public static SortedSet<String> languages() {
        SortedSet<String> all = new TreeSet<>();
        for (Locale each : Locale.getAvailableLocales()) {
            if (each.getLanguage().length() == 2) {
                all.add(each.getLanguage());
            }
        }
        return all;
    }

    /** The countries whose holidays are known, by their two letters. */
    public static SortedSet<String> countries() {
        return Holidays.countries();
    }

    /** The same for a period. */
    public CalendarChoice dated(LocalDate first, LocalDate last) {
        return new CalendarChoice(
                Optional.of(first), Optional.of(last), weeks, language, straddle, holidays, moon, personal);
    }

    @JsonIgnore
    public boolean isDated() {
        return from.isPresent();
    }

    @JsonIgnore
    public Locale locale() {
        return Locale.forLanguageTag(language);
    }

    /**
     * From one day to another in as few words as are clear: "5 – 11 Oct", "28 Dec – 3 Jan". Words and order are those of the Unicode
     * CLDR for the book's language.
     */
    public String range(LocalDate first, LocalDate last) {
        return DateWords.range(first, last, locale());
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
