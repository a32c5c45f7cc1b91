package jorn.desk.bindery;

import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.desk.bindery.BinderyWork.Loaded;
import jorn.impose.PlacedPage;
import jorn.impose.PressSheet;
import jorn.impose.Raster;
import jorn.impose.SheetLayout;
import jorn.say.Wording;

/** Sheets as they are fed, front over back; where they are cut, their cells drift apart. */
final class FedDrawing implements StackDrawing {
    private static final double APART = 8;

    private final PagePaint paint;

    FedDrawing(PagePaint paint) {
        this.paint = paint;
    }

    /**
     * The sheets that are seen.
     *
     * @param scale from points to what is seen
     * @param first of them, from 0
     * @param fits how many there is room for
     */
    private record Fed(Box sheet, double scale, int first, int fits) {
        /** The sheet of the page that is looked at, and its neighbours. */
        static Fed of(Sight sight) {
            SheetLayout layout = sight.of().layout();
            PressSheet at = layout.imposition().where(sight.page()).get(0);
            Box sheet = layout.sheet();
            double scale = (sight.height() - 3 * GAP) / 2 / sheet.height();
            int fits = Math.max(1, (int) ((sight.width() - GAP) / (sheet.width() * scale + GAP)));
            int all = layout.imposition().sheets().size();
            int first = Math.max(0, Math.min(all - fits, at.number() - 1 - fits / 2));
            return new Fed(sheet, scale, first, Math.min(fits, all - first));
        }

        double left(int place) {
            return GAP + place * (sheet.width() * scale + GAP);
        }

        double top(boolean front) {
            return front ? GAP : 2 * GAP + sheet.height() * scale;
        }

        /** Which of them is at so far from the left, from 0. */
        int at(double x) {
            return (int) Math.floor((x - GAP) / (sheet.width() * scale + GAP));
        }
    }

    @Override
    public void draw(GraphicsContext g, Sight sight, double time) {
        Fed fed = Fed.of(sight);
        SheetLayout layout = sight.of().layout();
        double apart = layout.imposition().scheme().kind().isCut() ? Math.min(1, time) * APART : 0;
        for (int i = 0; i < fed.fits(); i++) {
            PressSheet sheet = layout.imposition().sheets().get(fed.first() + i);
            side(g, sight, sheet, true, fed, i, apart);
            if (!sheet.back().isEmpty()) {
                side(g, sight, sheet, false, fed, i, apart);
            }
        }
    }

    private void side(
            GraphicsContext g, Sight sight, PressSheet sheet, boolean front, Fed fed, int place, double apart) {
        side(g, sight, sheet, front, new At(fed.left(place), fed.top(front), fed.scale()), apart);
    }

    /** Where a sheet is drawn, and how large. */
    private record At(double x, double y, double scale) {}

    /** The side on which the page lies that is looked at, as large as it goes into a place. */
    void lying(GraphicsContext g, Sight sight, Box room) {
        PressSheet sheet = sight.of().layout().imposition().where(sight.page()).get(0);
        boolean front = sheet.front().stream().anyMatch(s -> s.page() == sight.page());
        Box whole = sight.of().layout().sheet();
        double scale = Math.min(room.width() / whole.width(), room.height() / whole.height());
        side(g, sight, sheet, front, new At(room.x(), room.bottom() - whole.height() * scale, scale), 0);
    }

    private void side(GraphicsContext g, Sight sight, PressSheet sheet, boolean front, At place, double apart) {
        Loaded of = sight.of();
        double x = place.x();
        double y = place.y();
        double scale = place.scale();
        Box whole = of.layout().sheet();
        if (apart == 0) {
            PagePaint.paper(g, x, y, whole.width() * scale, whole.height() * scale);
        }
        Raster raster = of.layout().imposition().raster();
        for (PlacedPage each : of.layout().side(sheet, front, of.boxes()::of)) {
            Box p = each.page().common(each.cell());
            double dx = apart * (each.seat().column() - (raster.columns() - 1) / 2.0);
            double dy = apart * (each.seat().row() - (raster.rows() - 1) / 2.0) / 2;
            Box at = new Box(x + p.x() * scale + dx, y + p.y() * scale + dy, p.width() * scale, p.height() * scale);
            int page = each.seat().page();
            paint.page(g, page, at, each.seat().turned(), page == sight.page());
        }
        String name = Wording.of(front ? "desk.bindery.front-of" : "desk.bindery.back-of", sheet.number());
        PagePaint.words(g, name, x, y - 1, VPos.BOTTOM);
    }

    @Override
    public Optional<Integer> pageAt(Sight sight, double time, double x, double y) {
        SheetLayout layout = sight.of().layout();
        Fed fed = Fed.of(sight);
        int place = fed.at(x);
        if (place < 0 || place >= fed.fits()) {
            return Optional.empty();
        }
        boolean front = y < fed.top(false) - GAP / 2;
        double px = (x - fed.left(place)) / fed.scale();
        double py = (y - fed.top(front)) / fed.scale();
        PressSheet sheet = layout.imposition().sheets().get(fed.first() + place);
        return layout.side(sheet, front, sight.of().boxes()::of).stream()
                .filter(p -> p.cell().holds(new Box(px, py, 0.001, 0.001)))
                .map(p -> p.seat().page())
                .reduce((a, b) -> b);
    }
}
