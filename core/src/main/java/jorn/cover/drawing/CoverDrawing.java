package jorn.cover.drawing;

import java.util.List;
import java.util.function.Consumer;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;

/**
 * Something that is drawn by rule on a cover.
 *
 * @param id short and lasting: {@code hexagons}
 * @param unit its smallest thing as a share of the front's height
 * @param rule draws it
 */
public record CoverDrawing(String id, double unit, Consumer<Easel> rule) {
    /**
     * Draws it over a box, cut at its edges.
     *
     * @param height of the front, from which the size of things follows
     * @param scale times their own size
     */
    public List<Mark> draw(Box area, List<Ink> inks, double height, double scale, long seed) {
        Easel easel = new Easel(area, inks, unit * height * scale, seed);
        rule.accept(easel);
        return easel.marks();
    }
}
