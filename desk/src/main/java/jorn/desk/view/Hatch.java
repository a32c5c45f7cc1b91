package jorn.desk.view;

import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Line patterns by which zones are told apart, never by colour alone. */
public final class Hatch {
    private Hatch() {}

    /** How a zone is hatched. */
    public enum Pattern {
        /** Rising to the right: the gutter. */
        RISING,
        /** Falling to the right: what is cut off. */
        FALLING,
        /** Both: kept free for something else. */
        CROSSED
    }

    /** Hatches a rectangle. */
    public static void rect(GraphicsContext g, Pattern pattern, Color colour, double x, double y, double w, double h) {
        if (w <= 0.5 || h <= 0.5) {
            return;
        }
        g.save();
        g.beginPath();
        g.rect(x, y, w, h);
        g.clip();
        g.setStroke(colour);
        g.setLineWidth(0.8);
        double step = 6;
        if (pattern != Pattern.FALLING) {
            for (double at = Math.floor((x + y) / step) * step; at <= x + w + y + h; at += step) {
                g.strokeLine(at - y, y, at - y - h, y + h);
            }
        }
        if (pattern != Pattern.RISING) {
            for (double at = Math.floor((x - y - h) / step) * step; at <= x + w - y; at += step) {
                g.strokeLine(at + y, y, at + y + h, y + h);
            }
        }
        g.restore();
    }

    /** Hatches what lies between two rectangles, one within the other. */
    static void frame(GraphicsContext g, Pattern pattern, Color colour, Rectangle2D outer, Rectangle2D inner) {
        double left = inner.getMinX() - outer.getMinX();
        double right = outer.getMaxX() - inner.getMaxX();
        double top = inner.getMinY() - outer.getMinY();
        double bottom = outer.getMaxY() - inner.getMaxY();
        rect(g, pattern, colour, outer.getMinX(), outer.getMinY(), outer.getWidth(), top);
        rect(g, pattern, colour, outer.getMinX(), inner.getMaxY(), outer.getWidth(), bottom);
        rect(g, pattern, colour, outer.getMinX(), inner.getMinY(), left, inner.getHeight());
        rect(g, pattern, colour, inner.getMaxX(), inner.getMinY(), right, inner.getHeight());
    }
}
