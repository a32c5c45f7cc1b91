package jorn.style;

import java.util.List;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.say.Wording;

/** An ornament that is drawn by rule, in the colours of the book. */
public final class Motif {
    private static final double PEN = 0.028;
    private static final double FINEST = 0.5;
    private static final double STRONGEST = 2;

    private final String id;
    private final MotifGroup group;
    private final double proportion;
    private final Consumer<Sketch> drawing;

    /** What a motif is about. */
    public enum MotifGroup {
        PLANTS,
        BEES,
        SKY,
        SEASONS,
        SEA,
        KITCHEN,
        GARDEN,
        SCHOOL,
        HOME,
        BANDS;

        public String word() {
            return Wording.of("style.theme." + name().toLowerCase(java.util.Locale.ROOT));
        }
    }

    Motif(String id, MotifGroup group, double proportion, Consumer<Sketch> drawing) {
        this.id = id;
        this.group = group;
        this.proportion = proportion;
        this.drawing = drawing;
    }

    /** Short and lasting: {@code fern}. */
    public String id() {
        return id;
    }

    public String called() {
        return Wording.of("style.motif." + id);
    }

    public MotifGroup group() {
        return group;
    }

    /** Width by height. */
    public double proportion() {
        return proportion;
    }

    /**
     * Draws it as large as a box allows, in its middle.
     *
     * @param seed of what is drawn by chance
     */
    public List<Mark> draw(Box in, Palette palette, long seed) {
        double h = Math.min(in.height(), in.width() / proportion);
        if (h <= 0) {
            return List.of();
        }
        double w = h * proportion;
        Box at = new Box(in.centreX() - w / 2, in.centreY() - h / 2, w, h);
        Sketch sketch = new Sketch(at, palette, Math.max(FINEST, Math.min(STRONGEST, h * PEN)), seed);
        drawing.accept(sketch);
        return sketch.marks();
    }

    @Override
    public String toString() {
        return id;
    }
}
