package jorn.desk.bindery;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.desk.view.Theme;
import jorn.impose.FoldKind;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.impose.SheetLayout;
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
        double scale = (sight.height() - 3 * GAP - LIFT) / whole.height();
        Box half = level
                ? new Box(0, 0, whole.width() * scale, whole.height() * scale / 2)
                : new Box(0, 0, whole.width() * scale / 2, whole.height() * scale);
        // Beside the fold that stands upright there is room for both halves; one that lies level has them below each
        // other.
        double before = level ? 0 : half.width();
        int count = Math.min(nest.size(), MOST_SEEN);
        double room = sight.width() - 2 * GAP - before - half.width();
        double step = count < 2 ? 0 : Math.min(before + half.width() + GAP, room / (count - 1));
        double nestStep = Math.min(4, 30.0 / count);
        double top = GAP + LIFT + (level ? half.height() : 0);
        for (int i = 0; i < count; i++) {
            // The outermost is drawn last, on top.
            int k = count - 1 - i;
            PressSheet sheet = nest.get(k * nest.size() / count);
            double spread = GAP + before + k * step;
            double nested = sight.width() / 2 + k * nestStep;
            Box where = half.moved(spread + (nested - spread) * slide, top);
            if (level) {
                upward(g, sight, sheet, where, fold);
            } else {
                leaf(g, sight, sheet, where, fold);
            }
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
        page(g, sight, sheet, under, new Box(way > 0 ? x : x - wide, at.y(), wide, at.height()));
        double left = way > 0 ? Math.min(x, x - reach) : Math.min(x, x + reach);
        page(
                g,
                sight,
                sheet,
                fold < 0.5 ? inside : outside,
                new Box(left, at.y() - lift, Math.abs(reach), at.height()));
        g.setStroke(Theme.INK);
        g.setLineWidth(1.4);
        g.strokeLine(x, at.y() - lift, x, at.bottom());
    }

    /** A sheet that opens upward, its inner side up, the upper half folding down over the lower, which is the place. */
    private void upward(GraphicsContext g, Sight sight, PressSheet sheet, Box at, double fold) {
        double angle = Math.PI * fold;
        double reach = at.height() * Math.cos(angle);
        double lift = LIFT / 2 * Math.sin(angle);
        // As the inner side is read, the sheet is turned by half: its lower row comes first.
        page(g, sight, sheet, sheet.back().get(0).page(), at);
        int seen =
                fold < 0.5 ? sheet.back().get(1).page() : sheet.front().get(1).page();
        double y = Math.min(at.y(), at.y() - reach);
        page(g, sight, sheet, seen, new Box(at.x() + lift, y, at.width(), Math.abs(reach)));
        g.setStroke(Theme.INK);
        g.setLineWidth(1.4);
        g.strokeLine(at.x(), at.y(), at.right() + lift, at.y());
    }

    /** Half of a sheet, and the page as it stands on it. */
    private void page(GraphicsContext g, Sight sight, PressSheet sheet, int number, Box at) {
        PagePaint.paper(g, at.x(), at.y(), at.width(), at.height());
        SheetLayout layout = sight.of().layout();
        Stream.concat(
                        layout.side(sheet, true, sight.of().boxes()::of).stream(),
                        layout.side(sheet, false, sight.of().boxes()::of).stream())
                .filter(p -> p.seat().page() == number)
                .findFirst()
                .ifPresent(p -> paint.page(g, number, upright(p, at), false, number == sight.page()));
    }

    /** Where a page stands on its half of the sheet, as that is read. */
    private static Box upright(PlacedPage placed, Box at) {
        Box cell = placed.cell();
        Box page = placed.page().common(cell);
        double x = (page.x() - cell.x()) / cell.width();
        double y = (page.y() - cell.y()) / cell.height();
        double w = page.width() / cell.width();
        double h = page.height() / cell.height();
        boolean turned = placed.seat().turned();
        return new Box(
                at.x() + (turned ? 1 - x - w : x) * at.width(),
                at.y() + (turned ? 1 - y - h : y) * at.height(),
                w * at.width(),
                h * at.height());
    }
}
