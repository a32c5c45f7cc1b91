package jorn.recipe;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.page.PageFrame;
import jorn.page.Palette;
import jorn.text.Typeface;

/**
 * What flows through a recipe on one page: the page's measures, the words for its fields, and the book's typefaces.
 *
 * @param frame the measured page
 * @param fields words by field name: title, author, page
 * @param heading the book's typeface for headings
 * @param body the book's typeface for text
 * @param palette the book's colours
 * @param occasion what the page stands for
 * @param calendar the book's decisions about dates
 */
public record Flow(
        PageFrame frame,
        Map<String, String> fields,
        Typeface heading,
        Typeface body,
        Palette palette,
        Occasion occasion,
        CalendarChoice calendar) {
    private static final Pattern FIELD = Pattern.compile("\\{([a-z.]+)}");

    public Flow {
        fields = Map.copyOf(fields);
    }

    /** The text with its fields filled; an unknown field stays as it is, so that it can be seen and mended. */
    public String fill(String text) {
        return FIELD.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(fields.getOrDefault(m.group(1), m.group())));
    }

    private static final java.util.List<String> OCCASIONAL =
            java.util.List.of("month", "year", "week", "day", "weekday", "date", "prompt", "quarter", "number");

    /** Whether a text has a field that depends on what the page stands for. */
    static boolean mentionsOccasion(String text) {
        return OCCASIONAL.stream().anyMatch(f -> text.contains("{" + f));
    }

    /** Whether a text has a field of this name. */
    static boolean mentions(String text, String field) {
        return text.contains("{" + field + "}");
    }
}
