package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Optional;
import jorn.json.Required;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/**
 * The typefaces of a book.
 *
 * @param heading id of the typeface for the title and headings
 * @param body id of the typeface for text
 * @param figures id of the typeface for numbers: in calendars, page numbers, lists; that of the text where absent
 */
public record TypeChoice(@Required String heading, @Required String body, Optional<String> figures) {
    /** A book face and its sans. */
    public static final TypeChoice CUSTOMARY = new TypeChoice("alegreya", "alegreya-sans", Optional.empty());

    public TypeChoice {
        TypeShelf.typeface(heading);
        TypeShelf.typeface(body);
        figures.ifPresent(TypeShelf::typeface);
    }

    @JsonIgnore
    public Typeface headingFace() {
        return TypeShelf.typeface(heading);
    }

    @JsonIgnore
    public Typeface bodyFace() {
        return TypeShelf.typeface(body);
    }

    @JsonIgnore
    public Typeface figuresFace() {
        return TypeShelf.typeface(figures.orElse(body));
    }

    public TypeChoice withHeading(String id) {
        return new TypeChoice(id, body, figures);
    }

    public TypeChoice withBody(String id) {
        return new TypeChoice(heading, id, figures);
    }

    /** @param id absent for the typeface of the text */
    public TypeChoice withFigures(Optional<String> id) {
        return new TypeChoice(heading, body, id);
    }
}
