package jorn.desk.bindery;

import java.util.Comparator;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.impose.FoldKind;
import jorn.impose.Imposition;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.say.Wording;

/** Piles as they lie after the cut; those of one book are laid on each other, the first on top, and copies stay beside each other. */
final class PileDrawing implements StackDrawing {
    private static final double LEAF = 1.6;
    private static final int MOST_SEEN = 9;
    private static final double TITLE = 20;

    private final PagePaint paint;
    private final double from;

    /** @param from when piles begin to move */
    PileDrawing(PagePaint paint, double from) {
        this.paint = paint;
        this.from = from;
    }

    @Override
    public void draw(GraphicsContext g, Sight sight, double time) {
        double moved = Math.max(0, Math.min(1, time - from));
        Imposition order = sight.of().layout().imposition();
        PressSheet first = order.sheets().get(0);
        List<PlacedPage> tops = sight.of().layout().side(first, true, sight.of().boxes()::of).stream()
                .sorted(Comparator.comparingInt(p -> p.seat().page()))
                .toList();
        boolean copies =
                order.scheme().kind() == FoldKind.TWO_COPIES || order.scheme().kind() == FoldKind.REPEAT;
        int columns = order.raster().columns();
        int rows = order.raster().rows();
        double thick = LEAF * Math.min(MOST_SEEN, order.sheets().size());
        Box whole = sight.of().layout().sheet();
        double high = sight.height() - 2 * GAP - TITLE - rows * (thick + GAP);
        double wide = sight.width() - 2 * GAP - columns * (thick + GAP);
        double scale = Math.min(high / whole.height(), wide / whole.width());
        double x0 = (sight.width() - whole.width() * scale - (columns - 1) * GAP) / 2;
        // What lies below is drawn first.
        for (int i = tops.size() - 1; i >= 0; i--) {
            PlacedPage top = tops.get(i);
            Box p = top.page().common(top.cell());
            double gap = copies ? GAP * (1 + moved) / 2 : GAP / 2;
            double x = x0 + p.x() * scale + top.seat().column() * gap;
            double y = TITLE + GAP + p.y() * scale + top.seat().row() * (thick + gap);
            if (!copies) {
                double goalX = (sight.width() - p.width() * scale) / 2;
                double goalY = TITLE + (sight.height() - TITLE - p.height() * scale) / 2 - GAP + i * thick;
                x += (goalX - x) * moved;
                y += (goalY - y) * moved;
            }
            pile(g, sight, top, new Box(x, y, p.width() * scale, p.height() * scale), thick);
        }
        String told = copies
                ? Wording.of("desk.bindery.piled-copies", tops.size())
                : Wording.of("desk.bindery.piled-one", tops.size(), (order.pages() + 1) / 2);
        PagePaint.words(g, told, GAP, 4, VPos.TOP);
    }

    private void pile(GraphicsContext g, Sight sight, PlacedPage top, Box at, double thick) {
        for (double d = thick; d > 0; d -= LEAF) {
            PagePaint.paper(g, at.x() + d / 2, at.y() + d, at.width(), at.height());
        }
        int page = top.seat().page();
        paint.page(g, page, at, top.seat().turned(), page == sight.page());
    }
}
