package jorn.layout;

import java.util.List;
import java.util.Map;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.calendar.CalendarChoice;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;
import jorn.text.Typeface;
import jorn.text.Voice;

/**
 * What is the same on all pages of a book.
 *
 * @param words fields whose words are the same everywhere: {@code title}, {@code subtitle}, {@code author}
 * @param faces the book's typefaces by what they are for
 * @param palette the book's colours
 * @param calendar the book's decisions about dates
 * @param contents what the book holds, for a list of contents
 * @param pictures the book's pictures by id
 * @param style how its pages are dressed
 * @param grid the lines on which everything stands
 */
public record BookLook(
        Map<String, String> words,
        Map<Voice, Typeface> faces,
        Palette palette,
        CalendarChoice calendar,
        List<ContentsEntry> contents,
        Map<String, Picture> pictures,
        PageStyle style,
        Grid grid) {
    public BookLook {
        words = Map.copyOf(words);
        faces = Map.copyOf(faces);
        contents = List.copyOf(contents);
        pictures = Map.copyOf(pictures);
    }

    /** Two typefaces, and neither contents nor pictures. */
    public static BookLook of(Typeface heading, Typeface body, Palette palette, CalendarChoice calendar) {
        return new BookLook(
                Map.of(),
                Map.of(Voice.HEADING, heading, Voice.BODY, body, Voice.FIGURES, body),
                palette,
                calendar,
                List.of(),
                Map.of(),
                StyleShelf.plain(),
                Grid.FREE);
    }

    /** The same on another grid. */
    public BookLook on(Grid lines) {
        return new BookLook(words, faces, palette, calendar, contents, pictures, style, lines);
    }

    /** The same in colours mixed with the white of the paper. */
    BookLook faded(double opacity) {
        return new BookLook(words, faces, palette.faded(opacity), calendar, contents, pictures, style, grid);
    }
}
