package jorn.desk.view;

import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import jorn.art.Box;
import jorn.art.Frame;
import jorn.art.Side;
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
     * @param page the measures of the book's pages
     * @param all the page with its bleed, in pixels
     * @param at the trimmed page
     * @param scale pixels to a point
     */
    static void draw(GraphicsContext g, PageGeometry page, Frame frame, Rectangle2D all, Rectangle2D at, double scale) {
        Hatch.frame(g, Hatch.Pattern.FALLING, ZONE, all, at);
        Rectangle2D gutter = gutter(page, frame, at, scale);
        Hatch.rect(
                g,
                Hatch.Pattern.RISING,
                GUTTER,
                gutter.getMinX(),
                gutter.getMinY(),
                gutter.getWidth(),
                gutter.getHeight());
        holes(g, page, frame, at, scale);
        g.setStroke(ZONE);
        g.setLineWidth(0.8);
        g.setLineDashes(3, 3);
        Box t = frame.text();
        g.strokeRect(at.getMinX() + t.x() * scale, at.getMinY() + t.y() * scale, t.width() * scale, t.height() * scale);
        g.setLineDashes();
    }

    /** The strip along the binding edge. */
    private static Rectangle2D gutter(PageGeometry page, Frame frame, Rectangle2D at, double scale) {
        double wide = page.gutter().length().points() * scale;
        boolean recto = frame.side() == Side.RECTO;
        if (page.isHeadBound()) {
            return new Rectangle2D(at.getMinX(), recto ? at.getMinY() : at.getMaxY() - wide, at.getWidth(), wide);
        }
        double x = frame.gutterAtLeft() ? at.getMinX() : at.getMaxX() - wide;
        return new Rectangle2D(x, at.getMinY(), wide, at.getHeight());
    }

    /** The holes, as what lies under the page is seen through them. */
    private static void holes(GraphicsContext g, PageGeometry page, Frame frame, Rectangle2D at, double scale) {
        g.setFill(Theme.PAPER);
        g.setStroke(ZONE);
        g.setLineWidth(1);
        for (Box hole : page.holes(frame.side())) {
            double x = at.getMinX() + hole.x() * scale;
            double y = at.getMinY() + hole.y() * scale;
            g.fillOval(x, y, hole.width() * scale, hole.height() * scale);
            g.strokeOval(x, y, hole.width() * scale, hole.height() * scale);
        }
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
