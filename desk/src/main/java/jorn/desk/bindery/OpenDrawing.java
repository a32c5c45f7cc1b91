package jorn.desk.bindery;

import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.desk.view.Theme;
import jorn.impose.FoldKind;
import jorn.impose.Imposition;

/** The bound book opens at the page that is looked at; beside it is seen where that page lies on its sheet. */
final class OpenDrawing implements StackDrawing {
    private static final double STAPLE = 6;

    private static final double LEAST_SEEN = 60;
    private static final double MOST_SEEN = 190;

    private final PagePaint paint;
    private final FedDrawing fed;
    private final double from;

    /**
     * @param fed draws the sheet on which the page lies, beside the book
     * @param from when it begins to open
     */
    OpenDrawing(PagePaint paint, FedDrawing fed, double from) {
        this.paint = paint;
        this.fed = fed;
        this.from = from;
    }

    /**
     * The two pages that are seen.
     *
     * @param earlier left of the spine, or above it
     * @param later 0 where there is none
     * @param at the later one's place, beside the spine or below it
     * @param level whether the spine lies level
     */
    private record Spread(int earlier, int later, Box at, boolean level, boolean fromRight) {
        static Spread of(Sight sight) {
            Imposition order = sight.of().layout().imposition();
            boolean level = order.scheme().kind() == FoldKind.CALENDAR;
            int most = order.pages();
            // A book that is opened shows more than its cover.
            int page = Math.min(most, Math.max(2, sight.page()));
            int recto = page % 2 == 1 ? page : page + 1;
            Box box = sight.of().boxes().of(page);
            double high = level ? (sight.height() - 2 * GAP) / 2 : sight.height() - 3 * GAP;
            double scale = Math.min(high / box.height(), (sight.width() / 2 - 2 * GAP) / box.width());
            double w = box.width() * scale;
            double h = box.height() * scale;
            double x = sight.width() / 2;
            double y = sight.height() / 2;
            Box at = level ? new Box(x - w / 2, y, w, h) : new Box(x, y - h / 2, w, h);
            return new Spread(
                    recto - 1,
                    recto <= most ? recto : 0,
                    at,
                    level,
                    order.scheme().rightToLeft() && !level);
        }

        /** A page that stands on the spine: from -1, open to the earlier side, to 1, to the later one. */
        Box turned(double share) {
            double reach = level ? at.height() * share : at.width() * share;
            double least = Math.copySign(Math.max(2, Math.abs(reach)), reach);
            Box seen = level
                    ? Box.between(
                            at.x(), Math.min(at.y(), at.y() + least), at.right(), Math.max(at.y(), at.y() + least))
                    : Box.between(
                            Math.min(at.x(), at.x() + least), at.y(), Math.max(at.x(), at.x() + least), at.bottom());
            return fromRight ? new Box(2 * at.x() - seen.right(), seen.y(), seen.width(), seen.height()) : seen;
        }
    }

    @Override
    public void draw(GraphicsContext g, Sight sight, double time) {
        double turned = Math.cos(Math.PI * (time - from));
        Spread spread = Spread.of(sight);
        if (spread.later() > 0) {
            page(g, sight, spread.later(), spread.turned(1));
        }
        // The cover turns over, to the side from which the book is read.
        page(g, sight, turned > 0 ? 1 : spread.earlier(), spread.turned(turned));
        Box at = spread.at();
        if (sight.of().layout().imposition().scheme().kind() == FoldKind.NEST) {
            g.setStroke(Theme.INK);
            g.setLineWidth(2);
            for (double share : new double[] {0.25, 0.75}) {
                double y = at.y() + at.height() * share;
                g.strokeLine(at.x(), y - STAPLE, at.x(), y + STAPLE);
            }
        }
        double room = (spread.level() ? at.x() : at.x() - at.width()) - 3 * GAP;
        if (room > LEAST_SEEN) {
            fed.lying(g, sight, new Box(GAP, GAP, Math.min(room, MOST_SEEN), sight.height() - 2 * GAP));
        }
    }

    @Override
    public Optional<Integer> pageAt(Sight sight, double time, double x, double y) {
        Spread spread = Spread.of(sight);
        Box point = new Box(x, y, 0.001, 0.001);
        if (spread.turned(1).holds(point)) {
            return Optional.of(spread.later()).filter(p -> p > 0);
        }
        return spread.turned(-1).holds(point) ? Optional.of(spread.earlier()) : Optional.empty();
    }

    private void page(GraphicsContext g, Sight sight, int number, Box at) {
        paint.page(g, number, at, false, number == sight.page());
    }
}
