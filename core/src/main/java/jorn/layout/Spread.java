package jorn.layout;

import java.util.List;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Path;
import jorn.art.Side;
import jorn.art.Turn;

/**
 * A verso and the recto that faces it as one surface, so that art may run across the gutter. Its corner is that of the
 * left-hand page. What is drawn on it is cut into the two pages again, each with its own bleed.
 *
 * @param left the left-hand page
 * @param right the right-hand page, of the same trim
 */
public record Spread(Frame left, Frame right) {
    private double gutter() {
        return left.trim().width();
    }

    /** The spread with a tree on it, inside the outer margins of both pages. */
    public Surface surface(Node root) {
        Frame frame = new Frame(
                Side.VERSO,
                false,
                left.trim().with(right.trim().moved(gutter(), 0)),
                left.bleed().with(right.bleed().moved(gutter(), 0)),
                left.text().with(right.text().moved(gutter(), 0)));
        return Surface.of(Surface.SurfaceKind.SPREAD, frame, root);
    }

    /** The left-hand page of what is drawn on the spread. */
    public PageArt leftPage(List<Mark> marks) {
        return page(marks, left, 0);
    }

    /** The right-hand page of what is drawn on the spread. */
    public PageArt rightPage(List<Mark> marks) {
        return page(marks, right, gutter());
    }

    private static PageArt page(List<Mark> marks, Frame page, double from) {
        Box seen = page.bleed().moved(from, 0);
        Mark cut = new Mark.Clip(Path.box(seen), marks);
        List<Mark> own = marks.isEmpty()
                ? List.of()
                : List.of(from == 0 ? cut : new Mark.Turned(Turn.move(-from, 0), List.of(cut)));
        return new PageArt(page.trim(), page.bleed(), own);
    }
}
