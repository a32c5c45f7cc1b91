package jorn.pattern.page;

import jorn.measure.Length;
import jorn.pattern.plane.Field;
import jorn.pattern.plane.Roundel;

/**
 * A field to colour.
 *
 * @param field its outline
 * @param roundel the largest circle that is white in it
 * @param cut whether it is what the edge leaves of a field of the pattern
 */
public record ColourField(Field field, Roundel roundel, boolean cut) {
    /** Fields that are narrower cannot be coloured with a pen: its tip is about as wide (common practice). */
    public static final Length LEAST = Length.mm(2);

    /** How far across it is. */
    public Length across() {
        return Length.points(2 * roundel.radius());
    }

    public boolean isSmall() {
        return 2 * roundel.radius() < LEAST.points();
    }

    /** Whether it becomes part of the lines. What an edge leaves of a field stays white: inked, it would be a blot on the edge and nothing of the pattern. */
    boolean isToInk() {
        return isSmall() && !cut;
    }
}
