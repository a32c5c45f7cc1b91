package jorn.style;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
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
@RecordBuilder
public record TypeChoice(@Required String heading, @Required String body, Optional<String> figures)
        implements TypeChoiceBuilder.With {
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
}
