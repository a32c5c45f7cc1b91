package jorn.book;

import java.util.Optional;
import jorn.measure.Length;

/**
 * Margins of the user's own; where absent, the press's least margin is used.
 *
 * @param outside fore-edge and head
 * @param foot the foot
 * @param gutter the inside
 */
public record MarginChoice(Optional<Length> outside, Optional<Length> foot, Optional<Length> gutter) {
    /** The press's margins everywhere. */
    public static final MarginChoice NONE = new MarginChoice(Optional.empty(), Optional.empty(), Optional.empty());

    public MarginChoice withOutside(Optional<Length> o) {
        return new MarginChoice(o, foot, gutter);
    }

    public MarginChoice withFoot(Optional<Length> f) {
        return new MarginChoice(outside, f, gutter);
    }

    public MarginChoice withGutter(Optional<Length> g) {
        return new MarginChoice(outside, foot, g);
    }
}
