package jorn.recipe;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.art.PageFrame;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface;

/**
 * What flows through a recipe on one page: the page's measures, the words for its fields, and the book's typefaces.
 *
 * @param frame the measured page
 * @param fields words by field name: title, author, page
 * @param faces the book's typefaces by what they are for
 * @param palette the book's colours
 * @param occasion what the page stands for
 * @param calendar the book's decisions about dates
 * @param contents what the book holds, for a list of contents
 * @param pictures the book's pictures by id
 */
public record Flow(
        PageFrame frame,
        Map<String, String> fields,
        Map<Voice, Typeface> faces,
        Palette palette,
        Occasion occasion,
        CalendarChoice calendar,
        List<Entry> contents,
        Map<String, Picture> pictures) {
    private static final Pattern FIELD = Pattern.compile("\\{([a-z.]+)}");

    /**
     * A line of the contents.
     *
     * @param name what begins there
     * @param page the page number as it is printed there
     */
    public record Entry(String name, String page) {}

    public Flow {
        fields = Map.copyOf(fields);
        faces = Map.copyOf(faces);
        contents = List.copyOf(contents);
        pictures = Map.copyOf(pictures);
    }

    /** A flow with two typefaces and neither contents nor pictures. */
    public static Flow of(
            PageFrame frame,
            Map<String, String> fields,
            Typeface heading,
            Typeface body,
            Palette palette,
            Occasion occasion,
            CalendarChoice calendar) {
        return new Flow(
                frame,
                fields,
                Map.of(Voice.HEADING, heading, Voice.BODY, body, Voice.FIGURES, body),
                palette,
                occasion,
                calendar,
                List.of(),
                Map.of());
    }

    /** The same in colours mixed with the white of the paper. */
    Flow faded(double opacity) {
        return new Flow(frame, fields, faces, palette.faded(opacity), occasion, calendar, contents, pictures);
    }

    /** The same on another frame. */
    public Flow on(PageFrame other) {
        return new Flow(other, fields, faces, palette, occasion, calendar, contents, pictures);
    }

    /** The book's typeface for this voice. */
    public Typeface face(Voice voice) {
        return faces.get(voice);
    }

    /** The text with its fields filled; an unknown field stays as it is, so that it can be seen and mended. */
    public String fill(String text) {
        return FIELD.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(fields.getOrDefault(m.group(1), m.group())));
    }

    private static final List<String> OCCASIONAL =
            List.of("month", "year", "week", "day", "weekday", "date", "prompt", "quarter", "number");

    /** Whether a text has a field that depends on what the page stands for. */
    static boolean mentionsOccasion(String text) {
        return OCCASIONAL.stream().anyMatch(f -> text.contains("{" + f));
    }

    /** Whether a text has a field of this name. */
    static boolean mentions(String text, String field) {
        return text.contains("{" + field + "}");
    }
}
