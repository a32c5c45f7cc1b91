package jorn.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jorn.say.Wording;

/**
 * A stretch of the calendar that a page stands for, dated or not.
 *
 * @param span how long
 * @param from its first day; absent where the page is undated
 * @param number which one it is in its run, from 1
 */
public record Occasion(Optional<Span> span, Optional<LocalDate> from, int number) {
    /** A page that stands for nothing in particular. */
    public static final Occasion NONE = new Occasion(Optional.empty(), Optional.empty(), 0);

    public static Occasion of(Span span, LocalDate from) {
        return new Occasion(Optional.of(span), Optional.of(from), 1);
    }

    /** A stretch of the calendar without a date. */
    public static Occasion undated(Span span, int number) {
        return new Occasion(Optional.of(span), Optional.empty(), number);
    }

    /** The last day, where dated. */
    public Optional<LocalDate> to() {
        return from.map(f -> span.map(s -> last(s, f)).orElse(f));
    }

    private static LocalDate last(Span span, LocalDate from) {
        return switch (span) {
            case DAY -> from;
            case WEEK -> from.plusDays(6);
            case FOUR_WEEKS -> from.plusDays(27);
            case MONTH -> from.with(TemporalAdjusters.lastDayOfMonth());
            case QUARTER -> from.plusMonths(3).minusDays(1);
            case YEAR -> from.plusYears(1).minusDays(1);
        };
    }

    /** The short name that stays: {@code 2026-W41}, {@code 2026-10}, {@code 2026-10-09}, {@code 2026-Q4}; empty where undated. */
    public String id(WeekRule weeks) {
        if (from.isEmpty() || span.isEmpty()) {
            return "";
        }
        LocalDate f = from.get();
        return switch (span.get()) {
            case DAY -> f.toString();
            case WEEK, FOUR_WEEKS -> String.format(
                    Locale.ROOT, span.get() == Span.WEEK ? "%d-W%02d" : "%d-W%02d+4", weeks.year(f), weeks.number(f));
            case MONTH -> String.format(Locale.ROOT, "%d-%02d", f.getYear(), f.getMonthValue());
            case QUARTER -> f.getYear() + "-Q" + ((f.getMonthValue() - 1) / 3 + 1);
            case YEAR -> Integer.toString(f.getYear());
        };
    }

    /** To which month a week belongs that lies in two. */
    public enum Straddle {
        FIRST_DAY("first-day", Wording.of("calendar.occasion.month-first-day")),
        THURSDAY("thursday", Wording.of("calendar.occasion.month-thursday")),
        BOTH("both", Wording.of("calendar.occasion.both-months"));

        private final String id;
        private final String word;

        Straddle(String id, String word) {
            this.id = id;
            this.word = word;
        }

        @com.fasterxml.jackson.annotation.JsonValue
        public String id() {
            return id;
        }

        /** In a sentence: "belongs to …". */
        public String word() {
            return word;
        }
    }

    /** From a first to a last day. */
    public record Period(LocalDate from, LocalDate to) {
        LocalDate clamp(LocalDate day) {
            return day.isBefore(from) ? from : day.isAfter(to) ? to : day;
        }

        boolean holds(LocalDate day) {
            return !day.isBefore(from) && !day.isAfter(to);
        }
    }

    /**
     * All stretches of a length that lie in a part of a period. A week at the edge of the period belongs to the part at that
     * edge, so that no day of the period is lost.
     *
     * @param part the part: a month, or the whole period
     * @param period the whole period
     */
    public static List<Occasion> in(Span span, Period part, Period period, WeekRule weeks, Straddle straddle) {
        List<Occasion> all = new ArrayList<>();
        LocalDate at = start(span, part.from(), weeks);
        while (!at.isAfter(part.to())) {
            if (span != Span.WEEK || belongs(at, part, period, straddle)) {
                all.add(new Occasion(Optional.of(span), Optional.of(at), all.size() + 1));
            }
            at = next(span, at);
        }
        return all;
    }

    private static boolean belongs(LocalDate week, Period part, Period period, Straddle straddle) {
        return switch (straddle) {
            case FIRST_DAY -> part.holds(period.clamp(week));
            case THURSDAY -> part.holds(period.clamp(week.with(TemporalAdjusters.nextOrSame(DayOfWeek.THURSDAY))));
            case BOTH -> !week.plusDays(6).isBefore(part.from()) && !week.isAfter(part.to());
        };
    }

    private static LocalDate start(Span span, LocalDate day, WeekRule weeks) {
        return switch (span) {
            case DAY -> day;
            case WEEK, FOUR_WEEKS -> weeks.startOf(day);
            case MONTH -> day.withDayOfMonth(1);
            case QUARTER -> day.withDayOfMonth(1).withMonth((day.getMonthValue() - 1) / 3 * 3 + 1);
            case YEAR -> day;
        };
    }

    private static LocalDate next(Span span, LocalDate at) {
        return switch (span) {
            case DAY -> at.plusDays(1);
            case WEEK -> at.plusWeeks(1);
            case FOUR_WEEKS -> at.plusWeeks(4);
            case MONTH -> at.plusMonths(1);
            case QUARTER -> at.plusMonths(3);
            case YEAR -> at.plusYears(1);
        };
    }
}
