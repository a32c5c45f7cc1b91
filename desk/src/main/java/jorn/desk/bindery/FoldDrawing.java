package jorn.desk.bindery;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.desk.view.Theme;
import jorn.impose.FoldKind;
import jorn.impose.PressSheet;
import jorn.say.Wording;

/** Each sheet of the signature is folded over, then they slide into each other. */
final class FoldDrawing implements StackDrawing {
    private static final double LIFT = 26;
    private static final int MOST_SEEN = 8;

    private final PagePaint paint;

    FoldDrawing(PagePaint paint) {
        this.paint = paint;
    }

    @Override
    public void draw(GraphicsContext g, Sight sight, double time) {
        var order = sight.of().layout().imposition();
        PressSheet at = order.where(sight.page()).get(0);
        List<PressSheet> nest = order.sheets().stream()
                .filter(s -> s.signature() == at.signature())
                .toList();
        double fold = Math.min(1, time - 1);
        double slide = Math.max(0, time - 2);
        Box whole = sight.of().layout().sheet();
        boolean level = order.scheme().kind() == FoldKind.CALENDAR;
        double half = level ? whole.height() / 2 : whole.width() / 2;
        double across = level ? whole.width() : whole.height();
        double scale = (sight.height() - 3 * GAP - LIFT) / across;
        double leaf = half * scale;
        int count = Math.min(nest.size(), MOST_SEEN);
        double room = sight.width() - 2 * GAP - 2 * leaf;
        double step = count < 2 ? 0 : Math.min(2 * leaf + GAP, room / (count - 1));
        double nestStep = Math.min(4, 30.0 / count);
        for (int i = 0; i < count; i++) {
            // The outermost is drawn last, on top.
            int k = count - 1 - i;
            PressSheet sheet = nest.get(k * nest.size() / count);
            double spread = GAP + leaf + k * step;
            double nested = sight.width() / 2 + k * nestStep;
            double x = spread + (nested - spread) * slide;
            leaf(g, sight, sheet, new Box(x, GAP + LIFT, leaf, across * scale), fold);
        }
        if (count < nest.size()) {
            PagePaint.words(g, Wording.of("desk.bindery.some-of", count, nest.size()), GAP, 4, VPos.TOP);
        }
    }

    /** A sheet with its inner side up, the left half folding over to the right about the left edge of a place. */
    private void leaf(GraphicsContext g, Sight sight, PressSheet sheet, Box at, double fold) {
        boolean fromRight = sight.of().layout().imposition().scheme().rightToLeft();
        double way = fromRight ? -1 : 1;
        double x = at.x();
        double wide = at.width();
        double angle = Math.PI * fold;
        double reach = wide * Math.cos(angle);
        double lift = LIFT * Math.sin(angle);
        int inside = sheet.back().get(fromRight ? 1 : 0).page();
        int under = sheet.back().get(fromRight ? 0 : 1).page();
        int outside = sheet.front().get(fromRight ? 0 : 1).page();
        page(g, sight, under, new Box(way > 0 ? x : x - wide, at.y(), wide, at.height()));
        double left = way > 0 ? Math.min(x, x - reach) : Math.min(x, x + reach);
        page(g, sight, fold < 0.5 ? inside : outside, new Box(left, at.y() - lift, Math.abs(reach), at.height()));
        g.setStroke(Theme.INK);
        g.setLineWidth(1.4);
        g.strokeLine(x, at.y() - lift, x, at.bottom());
    }

    private void page(GraphicsContext g, Sight sight, int number, Box at) {
        paint.page(g, number, at, false, number == sight.page());
    }
}
