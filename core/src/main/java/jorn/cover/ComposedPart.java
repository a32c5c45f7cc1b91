package jorn.cover;

import jorn.book.Share;
import jorn.json.Required;

/**
 * A part of a composition.
 *
 * @param id its own in the composition: {@code title}
 * @param on where it stands
 * @param at its place there; the whole where absent
 * @param turn in degrees clockwise
 * @param part what it is
 */
public record ComposedPart(
        @Required String id, @Required PartPlace on, Share at, double turn, @Required CoverBlock part) {
    public ComposedPart {
        at = at == null ? Share.WHOLE : at;
    }
}
