package jorn.makeup;

import java.time.LocalDate;
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
            case "month",
                    "month.short",
                    "year",
                    "week",
                    "week.start",
                    "week.end",
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

    private static String dated(String name, Occasion occasion, LocalDate day, CalendarChoice calendar) {
        Locale locale = calendar.locale();
        LocalDate week = calendar.weeks().startOf(day);
        // A week is named after the month and year of its fourth day, as ISO 8601 gives it to a year.
        LocalDate named = occasion.span().filter(s -> s == Span.WEEK).isPresent() ? day.plusDays(3) : day;
        return switch (name) {
            case "month" -> named.getMonth().getDisplayName(TextStyle.FULL_STANDALONE, locale);
            case "month.short" -> named.getMonth().getDisplayName(TextStyle.SHORT_STANDALONE, locale);
            case "year" -> Integer.toString(named.getYear());
            case "week" -> Integer.toString(calendar.weeks().number(day));
            case "week.start" -> week.format(DateTimeFormatter.ofPattern("d MMM", locale));
            case "week.end" -> week.plusDays(6).format(DateTimeFormatter.ofPattern("d MMM", locale));
            case "day" -> Integer.toString(day.getDayOfMonth());
            case "weekday" -> day.getDayOfWeek().getDisplayName(TextStyle.FULL_STANDALONE, locale);
            case "date" -> day.format(
                    DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale));
            default -> Integer.toString((day.getMonthValue() - 1) / 3 + 1);
        };
    }
}
