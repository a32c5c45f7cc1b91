package jorn.desk.view;

import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.desk.model.BookState;
import jorn.makeup.PageGeometry;
import jorn.measure.Unit;
import jorn.say.Wording;

/** What is cut off, what sinks in the gutter and where the margins are, marked on a page by hatching and lines. */
final class SpreadZones {
    private static final Color ZONE = Color.web("#1D2733", 0.38);
    private static final Color GUTTER = Color.web("#1D2733", 0.22);

    private SpreadZones() {}

    /**
     * Draws them.
     *
     * @param all the page with its bleed, in pixels
     * @param at the trimmed page
     * @param scale pixels to a point
     */
    static void draw(GraphicsContext g, Frame frame, Rectangle2D all, Rectangle2D at, double scale) {
        Hatch.frame(g, Hatch.Pattern.FALLING, ZONE, all, at);
        boolean recto = frame.gutterAtLeft();
        double gutter =
                (recto ? frame.text().x() : frame.trim().right() - frame.text().right()) * scale;
        double x = recto ? at.getMinX() : at.getMaxX() - gutter;
        Hatch.rect(g, Hatch.Pattern.RISING, GUTTER, x, at.getMinY(), gutter, at.getHeight());
        g.setStroke(ZONE);
        g.setLineWidth(0.8);
        g.setLineDashes(3, 3);
        Box t = frame.text();
        g.strokeRect(at.getMinX() + t.x() * scale, at.getMinY() + t.y() * scale, t.width() * scale, t.height() * scale);
        g.setLineDashes();
    }

    /** What the hatching and the dashes mean, with their measures. */
    static String key(BookState state, Unit unit) {
        PageGeometry page = state.edition().geometry();
        String bleed = page.bleeds()
                ? Wording.of("desk.spread.bleed-beyond-trim", page.bleed().text(unit))
                : "";
        return Wording.of("desk.spread.hatched-gutter-at-fold", page.gutter().text(unit)) + bleed + "; "
                + Wording.of("desk.spread.dashed-margins", page.outside().text(unit)) + ".";
    }
}
