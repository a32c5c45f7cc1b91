package jorn.desk.bindery;

import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.desk.view.Theme;
import jorn.impose.FoldKind;
import jorn.impose.Imposition;

/** The bound book opens at the page that is looked at. */
final class OpenDrawing implements StackDrawing {
    private static final double STAPLE = 6;

    private final PagePaint paint;
    private final double from;

    /** @param from when it begins to open */
    OpenDrawing(PagePaint paint, double from) {
        this.paint = paint;
        this.from = from;
    }

    @Override
    public void draw(GraphicsContext g, Sight sight, double time) {
        double t = time - from;
        Imposition order = sight.of().layout().imposition();
        boolean fromRight = order.scheme().rightToLeft();
        int most = order.pages();
        // A book that is opened shows more than its cover.
        int at = Math.min(most, Math.max(2, sight.page()));
        Box box = sight.of().boxes().of(at);
        double scale = (sight.height() - 3 * GAP) / box.height();
        double wide = Math.min(box.width() * scale, sight.width() / 2 - 2 * GAP);
        double high = wide / box.width() * box.height();
        double x = sight.width() / 2;
        double y = (sight.height() - high) / 2;
        int recto = at % 2 == 1 ? at : at + 1;
        double reach = wide * Math.cos(Math.PI * (1 - t));
        if (recto <= most) {
            page(g, sight, recto, side(new Box(x, y, wide, high), x, fromRight));
        }
        // The cover turns over, to the side from which the book is read.
        if (t < 0.5) {
            page(g, sight, 1, side(new Box(x, y, Math.max(2, -reach), high), x, fromRight));
        } else if (recto > 1) {
            page(g, sight, recto - 1, side(new Box(x - reach, y, Math.max(2, reach), high), x, fromRight));
        }
        if (order.scheme().kind() == FoldKind.NEST) {
            g.setStroke(Theme.INK);
            g.setLineWidth(2);
            for (double share : new double[] {0.25, 0.75}) {
                g.strokeLine(x, y + high * share - STAPLE, x, y + high * share + STAPLE);
            }
        }
    }

    /** As it is, or on the other side of the spine. */
    private static Box side(Box at, double spine, boolean mirrored) {
        return mirrored ? new Box(2 * spine - at.right(), at.y(), at.width(), at.height()) : at;
    }

    private void page(GraphicsContext g, Sight sight, int number, Box at) {
        paint.page(g, number, at, false, number == sight.page());
    }
}
