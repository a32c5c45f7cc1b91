package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.pattern.symmetry.Lattice;
import jorn.pattern.symmetry.WallpaperGroup;

/**
 * How a motif repeats.
 *
 * @param group its symmetry
 * @param cell side of a square as large as what repeats, 12 to 200 mm
 * @param turn of the whole pattern, in degrees clockwise
 * @param overlap how far copies of the motif reach into each other, 0 (they stand clear) to 100 (each covers its neighbours)
 */
@RecordBuilder
public record Repeat(@Required WallpaperGroup group, @Required Length cell, double turn, double overlap)
        implements RepeatBuilder.With {
    private static final int SMALLEST = 12;
    private static final int LARGEST = 200;
    private static final int FULL = 100;

    public Repeat {
        double mm = cell.in(Unit.MILLIMETRE);
        if (!(mm >= SMALLEST - 1e-9) || mm > LARGEST + 1e-9) {
            throw Trouble.of("pattern.refused.cell-out-of-range", cell.in(Unit.MILLIMETRE), SMALLEST, LARGEST);
        }
        if (!(overlap >= 0) || overlap > FULL) {
            throw Trouble.of("pattern.refused.overlap-out-of-range", overlap);
        }
        if (!Double.isFinite(turn)) {
            throw Trouble.of("pattern.refused.overlap-out-of-range", turn);
        }
    }

    /** Repeats so many times farther apart, as far as that goes. */
    public Repeat grown(double times) {
        double mm = cell.in(Unit.MILLIMETRE) * times;
        return withCell(Length.mm(Math.max(SMALLEST, Math.min(LARGEST, mm))));
    }

    public Lattice lattice() {
        return group.lattice(cell.points(), turn);
    }
}
