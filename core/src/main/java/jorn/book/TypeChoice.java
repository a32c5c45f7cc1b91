package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import jorn.json.Required;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/**
 * The typefaces of a book.
 *
 * @param heading id of the typeface for the title and headings
 * @param body id of the typeface for text
 */
public record TypeChoice(@Required String heading, @Required String body) {
    /** A book face and its sans. */
    public static final TypeChoice CUSTOMARY = new TypeChoice("alegreya", "alegreya-sans");

    public TypeChoice {
        TypeShelf.typeface(heading);
        TypeShelf.typeface(body);
    }

    @JsonIgnore
    public Typeface headingFace() {
        return TypeShelf.typeface(heading);
    }

    @JsonIgnore
    public Typeface bodyFace() {
        return TypeShelf.typeface(body);
    }

    public TypeChoice withHeading(String id) {
        return new TypeChoice(id, body);
    }
}
