package jorn.impose;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.measure.Unit;
import jorn.press.BindingEdge;
import jorn.press.HolePattern;
import jorn.press.RingBook;

/**
 * Holes for a ring binder, marked on every leaf where the punch goes.
 *
 * @param pattern how far they stand apart and from the edge
 * @param edge of the front at which they are punched
 */
public record Punch(HolePattern pattern, BindingEdge edge) {
    private static final double WEIGHT = 0.4;
    private static final double CROSS = 2;

    /** The middles of the holes of a page, as x and y; a back has them at the other side. */
    List<double[]> middles(Box page, boolean front) {
        boolean head = edge == BindingEdge.HEAD;
        boolean left = (edge == BindingEdge.LEFT) == front;
        double in = pattern.fromEdge().points();
        List<double[]> all = new ArrayList<>();
        for (double along : pattern.onEdge(head ? page.width() : page.height())) {
            all.add(
                    head
                            ? new double[] {page.x() + along, page.y() + in}
                            : new double[] {left ? page.x() + in : page.right() - in, page.y() + along});
        }
        return all;
    }

    /** What must stay clear on a leaf: a square round each hole, with room for a hand that punches a little askew. */
    public List<Box> clear(Box leaf, boolean front) {
        double half = pattern.clear().points() - pattern.fromEdge().points();
        return middles(leaf, front).stream()
                .map(at -> Box.between(at[0] - half, at[1] - half, at[0] + half, at[1] + half))
                .toList();
    }

    /** Into which ring binder the leaves go that are punched so, in words. */
    public String told(SheetLayout layout, Unit unit) {
        int leaves = (layout.imposition().pages() + 1) / 2;
        return RingBook.told(layout.leaf(), pattern, leaves, layout.spec().caliperOrOrdinary(), unit);
    }

    /** A cross in each hole, so that nothing is seen of it once it is punched. */
    List<Mark> marks(Box page, boolean front) {
        List<Mark> all = new ArrayList<>();
        for (double[] at : middles(page, front)) {
            all.add(new Mark.Stroke(Path.line(at[0] - CROSS, at[1], at[0] + CROSS, at[1]), WEIGHT, Ink.BLACK));
            all.add(new Mark.Stroke(Path.line(at[0], at[1] - CROSS, at[0], at[1] + CROSS), WEIGHT, Ink.BLACK));
        }
        return all;
    }
}
