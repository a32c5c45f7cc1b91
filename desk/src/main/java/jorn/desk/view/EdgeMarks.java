package jorn.desk.view;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.art.Side;
import jorn.book.Brief;
import jorn.desk.model.BookState;
import jorn.press.Binding;

/** What holds the leaves of a closed book that has no spine, drawn at its binding edge: a coil, or holes. */
final class EdgeMarks {
    /** From loop to loop of a coil (common practice: four to the inch). */
    private static final double LOOP = 18;

    private static final double LOOP_IN = 11;

    private EdgeMarks() {}

    /**
     * Draws them on the front.
     *
     * @param w width of the front in pixels
     * @param h height of the front in pixels
     * @param s pixels to a point
     */
    static void draw(GraphicsContext g, BookState state, double w, double h, double s) {
        Brief brief = state.book().brief();
        boolean open = brief.binding() == Binding.COIL || brief.binding() == Binding.LOOSE;
        List<Box> holes = open ? state.edition().geometry().holes(Side.RECTO) : List.of();
        g.setFill(Theme.PAPER);
        g.setStroke(Theme.INK);
        g.setLineWidth(0.9);
        for (Box hole : holes) {
            g.fillOval(hole.x() * s, hole.y() * s, hole.width() * s, hole.height() * s);
            g.strokeOval(hole.x() * s, hole.y() * s, hole.width() * s, hole.height() * s);
        }
        if (brief.binding() == Binding.COIL && holes.isEmpty()) {
            coil(g, brief, w, h, s);
        }
    }

    private static void coil(GraphicsContext g, Brief brief, double w, double h, double s) {
        boolean head = brief.isHeadBound();
        double edge = head ? w : h;
        double step = Math.max(4, LOOP * s);
        double in = LOOP_IN * s;
        g.setLineWidth(Math.max(1, 2 * s));
        for (double at = step; at < edge - step / 2; at += step) {
            if (head) {
                g.strokeLine(at, in, at + step * 0.2, -in * 0.6);
            } else {
                boolean left = brief.isRightHand(Side.RECTO);
                g.strokeLine(left ? in : w - in, at, left ? -in * 0.6 : w + in * 0.6, at - step * 0.2);
            }
        }
    }
}
