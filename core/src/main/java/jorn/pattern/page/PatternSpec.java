package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.symmetry.WallpaperGroup;

/**
 * All that makes a colouring page; the same gives the same lines on every machine.
 *
 * @param repeat how the motif repeats
 * @param hold the motif, and how it is held
 * @param gradual what changes over the page
 * @param surround window, border, what stands in the middle and below
 * @param inking weight of lines, and what becomes of fields
 * @param seed of what is left to chance
 */
@RecordBuilder
public record PatternSpec(
        @Required Repeat repeat, @Required Hold hold, Gradual gradual, Surround surround, Inking inking, long seed)
        implements PatternSpecBuilder.With {
    /** A turn that is no symmetry of any group, so that a motif with mirrors of its own stands across those of the page. */
    private static final double OFF = 17;

    /** From a motif's middle to where its copies' room begins, in points: as large as is pleasant to colour. */
    private static final double PLEASANT = Length.mm(14).points();

    private static final int LEAST_CELL = 24;
    private static final int MOST_CELL = 150;

    public PatternSpec {
        gradual = gradual == null ? Gradual.NONE : gradual;
        surround = surround == null ? Surround.PLAIN : surround;
        inking = inking == null ? Inking.CUSTOMARY : inking;
    }

    /** A repeat in which the motif is as large as is pleasant to colour, whatever the group. */
    public static Length cell(WallpaperGroup group, double size) {
        double mm = Math.rint(
                Length.points(PLEASANT * size / Room.in(group).clear()).in(jorn.measure.Unit.MILLIMETRE));
        return Length.mm(Math.max(LEAST_CELL, Math.min(MOST_CELL, mm)));
    }

    /** A page of a motif under a group, as it is customary. */
    public static PatternSpec of(WallpaperGroup group, PatternMotif motif, long seed) {
        return new PatternSpec(
                new Repeat(group, cell(group, 1), 0, 20),
                Hold.of(motif, OFF),
                Gradual.NONE,
                Surround.PLAIN,
                Inking.CUSTOMARY,
                seed);
    }

    /** What the page is called: its motif, and how it repeats. */
    public String title() {
        return hold.motif().word() + ": " + repeat.group().says();
    }
}
