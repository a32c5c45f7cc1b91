package jorn.makeup;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Optional;
import jorn.book.Slot;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.content.Item;

/** The words for date fields, in the book's language; nothing where a page is undated. */
final class DateFields {
    private DateFields() {}

    /** The words of a field of a page; absent where there is no such field. */
    static Optional<String> field(String name, Slot slot, CalendarChoice calendar) {
        return switch (name) {
            case "prompt" -> Optional.of(slot.words());
            case "number" -> Optional.of(number(slot));
                // A book has its own from the day on which it was begun; a design by itself is made now.
            case "year.made" -> Optional.of(
                    Integer.toString(LocalDate.now(ZoneId.systemDefault()).getYear()));
            case "month",
                    "month.short",
                    "day.month",
                    "year.next",
                    "year",
                    "week",
                    "week.start",
                    "week.end",
                    "week.range",
                    "day",
                    "weekday",
                    "date",
                    "quarter" -> Optional.of(slot.occasion()
                    .from()
                    .map(day -> dated(name, slot.occasion(), day, calendar))
                    .orElse(""));
            default -> Optional.empty();
        };
    }

    private static String number(Slot slot) {
        int number = slot.occasion().number() > 0
                ? slot.occasion().number()
                : slot.subjects().get(Item.class).map(Item::number).orElse(0);
        return number > 0 ? Integer.toString(number) : "";
    }

    private static boolean isOfWeeks(Occasion occasion) {
        return occasion.span()
                .filter(s -> s == Span.WEEK || s == Span.FOUR_WEEKS)
                .isPresent();
    }

    /** The last day of a page that stands for weeks; of any other, of the week that begins then. */
    private static LocalDate lastOf(Occasion occasion, LocalDate week) {
        return isOfWeeks(occasion) ? occasion.to().orElseThrow() : week.plusDays(6);
    }

    /** The month, or both where weeks lie in two. */
    private static String months(Occasion occasion, LocalDate day, CalendarChoice calendar) {
        String first = calendar.name(day.getMonth(), TextStyle.FULL_STANDALONE);
        if (!isOfWeeks(occasion)) {
            return first;
        }
        LocalDate last = lastOf(occasion, day);
        return last.getMonth() == day.getMonth()
                ? first
                : first + " – " + calendar.name(last.getMonth(), TextStyle.FULL_STANDALONE);
    }

    /** The year, or both where weeks lie in two: "2026/27". */
    private static String years(Occasion occasion, LocalDate day) {
        int first = day.getYear();
        int last = isOfWeeks(occasion) ? lastOf(occasion, day).getYear() : first;
        return last == first ? Integer.toString(first) : first + "/" + String.format(Locale.ROOT, "%02d", last % 100);
    }

    private static String dated(String name, Occasion occasion, LocalDate day, CalendarChoice calendar) {
        Locale locale = calendar.locale();
        LocalDate week = calendar.weeks().startOf(day);
        // A week is named after the month and year of its fourth day, as ISO 8601 gives it to a year.
        LocalDate named = occasion.span().filter(s -> s == Span.WEEK).isPresent() ? day.plusDays(3) : day;
        return switch (name) {
            case "month" -> months(occasion, day, calendar);
            case "month.short" -> calendar.name(named.getMonth(), TextStyle.SHORT_STANDALONE);
            case "year" -> years(occasion, day);
            case "year.next" -> Integer.toString(named.getYear() + 1);
            case "day.month" -> calendar.dayOfMonth(day);
            case "week" -> Integer.toString(calendar.weeks().number(day));
            case "week.start" -> week.format(DateTimeFormatter.ofPattern("d MMM", locale));
            case "week.range" -> calendar.range(week, lastOf(occasion, week));
            case "week.end" -> week.plusDays(6).format(DateTimeFormatter.ofPattern("d MMM", locale));
            case "day" -> Integer.toString(day.getDayOfMonth());
            case "weekday" -> calendar.name(day.getDayOfWeek(), TextStyle.FULL_STANDALONE);
            case "date" -> day.format(
                    DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale));
            default -> Integer.toString((day.getMonthValue() - 1) / 3 + 1);
        };
    }
}
