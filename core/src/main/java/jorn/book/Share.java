package jorn.book;

import jorn.art.Box;
import jorn.json.Required;

/**
 * A place on a panel as shares of its width and height, so that it follows when the panel changes. A side at 0 or 1 lies on the panel's
 * edge.
 *
 * @param x its left side; 0 at the panel's
 * @param y its top
 * @param w width, above 0
 * @param h height, above 0
 */
public record Share(@Required double x, @Required double y, @Required double w, @Required double h) {
    /** The whole panel. */
    public static final Share WHOLE = new Share(0, 0, 1, 1);

    private static final double FARTHEST = 3;
    private static final double LEAST = 0.005;

    public Share {
        x = within(x, -FARTHEST, FARTHEST);
        y = within(y, -FARTHEST, FARTHEST);
        w = within(w, LEAST, FARTHEST);
        h = within(h, LEAST, FARTHEST);
    }

    private static double within(double wanted, double least, double most) {
        return Math.min(most, Math.max(least, wanted));
    }

    /** Where it lies on a panel. */
    public Box of(Box panel) {
        return new Box(
                panel.x() + x * panel.width(), panel.y() + y * panel.height(), w * panel.width(), h * panel.height());
    }

    /** The share of a panel that a box takes. */
    public static Share of(Box box, Box panel) {
        return new Share(
                (box.x() - panel.x()) / panel.width(),
                (box.y() - panel.y()) / panel.height(),
                box.width() / panel.width(),
                box.height() / panel.height());
    }

    /** Moved by shares of the panel. */
    public Share moved(double dx, double dy) {
        return new Share(x + dx, y + dy, w, h);
    }
}
