package jorn.makeup;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.format.TextStyle;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Span;

/** The words for date fields, in the book's language; lines to write on where a page is undated. */
final class DateFields {
    private static final String[] ALL = {
        "month",
        "month.short",
        "year",
        "week",
        "week.start",
        "week.end",
        "day",
        "weekday",
        "date",
        "quarter",
        "prompt",
        "number"
    };

    private DateFields() {}

    static Map<String, String> of(Occasion occasion, CalendarChoice calendar) {
        Map<String, String> fields = new HashMap<>();
        for (String field : ALL) {
            fields.put(field, "");
        }
        fields.put("prompt", occasion.item());
        fields.put("number", occasion.number() > 0 ? Integer.toString(occasion.number()) : "");
        occasion.from().ifPresent(day -> dated(fields, occasion, day, calendar));
        return fields;
    }

    /** A text with its fields filled; those that it has not stay. */
    static String fill(String text, Map<String, String> fields) {
        String filled = text;
        for (Map.Entry<String, String> e : fields.entrySet()) {
            filled = filled.replace("{" + e.getKey() + "}", e.getValue());
        }
        return filled.strip();
    }

    private static void dated(Map<String, String> fields, Occasion occasion, LocalDate day, CalendarChoice calendar) {
        Locale locale = calendar.locale();
        DateTimeFormatter shortDay = DateTimeFormatter.ofPattern("d MMM", locale);
        LocalDate week = calendar.weeks().startOf(day);
        // A week is named after the month and year of its fourth day, as ISO 8601 gives it to a year.
        LocalDate named = occasion.span().filter(s -> s == Span.WEEK).isPresent() ? day.plusDays(3) : day;
        fields.put("month", named.getMonth().getDisplayName(TextStyle.FULL_STANDALONE, locale));
        fields.put("month.short", named.getMonth().getDisplayName(TextStyle.SHORT_STANDALONE, locale));
        fields.put("year", Integer.toString(named.getYear()));
        fields.put("week", Integer.toString(calendar.weeks().number(day)));
        fields.put("week.start", week.format(shortDay));
        fields.put("week.end", week.plusDays(6).format(shortDay));
        fields.put("day", Integer.toString(day.getDayOfMonth()));
        fields.put("weekday", day.getDayOfWeek().getDisplayName(TextStyle.FULL_STANDALONE, locale));
        fields.put(
                "date",
                day.format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG).withLocale(locale)));
        fields.put("quarter", Integer.toString((day.getMonthValue() - 1) / 3 + 1));
    }
}
