package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.measure.Length;
import jorn.press.MarginSchool;

/**
 * Margins of the user's own; where absent, the press's least margin is used.
 *
 * @param school id of a school of margins to follow instead of the press's least; see {@link MarginSchool}
 * @param outside fore-edge, and head where none of its own is given
 * @param head the head
 * @param foot the foot
 * @param gutter the inside
 */
@RecordBuilder
public record MarginChoice(
        Optional<String> school,
        Optional<Length> outside,
        Optional<Length> head,
        Optional<Length> foot,
        Optional<Length> gutter)
        implements MarginChoiceBuilder.With {
    /** The press's least margins everywhere. */
    public static final MarginChoice NONE =
            new MarginChoice(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public MarginChoice {
        school.ifPresent(MarginSchool::of);
    }

    /** The margins of a school, or the press's; margins of one's own are given up. */
    public static MarginChoice ofSchool(Optional<String> id) {
        return new MarginChoice(id, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }
}
