package jorn.press;

import jorn.json.Required;
import jorn.measure.Size;

/**
 * Trims that cost more, because they are larger.
 *
 * @param id short and lasting: {@code large}
 * @param above a trim belongs to it that is wider or taller than this
 */
public record TrimClass(@Required String id, @Required Size above) {
    /** A trim that differs by less is the same one: a thousandth of an inch. */
    private static final double SLACK = 0.072;

    /** Whether a trim belongs to it. */
    boolean holds(Size trim) {
        return trim.width().points() > above.width().points() + SLACK
                || trim.height().points() > above.height().points() + SLACK;
    }
}
