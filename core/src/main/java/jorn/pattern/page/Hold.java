package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.pattern.motif.PatternMotif;

/**
 * The motif, and how it is held under the mirrors and turns.
 *
 * @param motif what repeats
 * @param x how far it is moved along the first step of the repeat, as a share of it, from where it has most room
 * @param y how far along the second step
 * @param turn in degrees clockwise
 * @param size against the room that it has, 0.2 to 5
 */
@RecordBuilder
public record Hold(@Required PatternMotif motif, double x, double y, double turn, double size)
        implements HoldBuilder.With {
    private static final double SMALLEST = 0.2;
    private static final double LARGEST = 5;

    public Hold {
        size = size == 0 ? 1 : size;
        if (!(size >= SMALLEST) || size > LARGEST || !Double.isFinite(x + y + turn)) {
            throw Trouble.of("pattern.refused.size-out-of-range", size, SMALLEST, LARGEST);
        }
        x = x - Math.rint(x);
        y = y - Math.rint(y);
    }

    /** So many times larger, as far as that goes. */
    public Hold grown(double times) {
        return withSize(Math.max(SMALLEST, Math.min(LARGEST, size * times)));
    }

    public static Hold of(PatternMotif motif, double turn) {
        return new Hold(motif, 0, 0, turn, 1);
    }
}
