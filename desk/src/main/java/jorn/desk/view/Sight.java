package jorn.desk.view;

import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import jorn.art.Box;

/**
 * From how near two facing pages are looked at, and which part of them: whole, or at a chosen scale and moved under the window.
 */
final class Sight {
    /** Nearer than this, a page shows nothing more. */
    private static final double NEAREST = 8;

    private static final double FARTHEST = 0.05;
    private static final double SIDE = 10;
    private static final double TOP = 4;

    private double own;
    private double panX;
    private double panY;
    private boolean single;

    /** What is seen, in pixels, and what of it is for words under the pages. */
    record View(double width, double height, double foot) {}

    /**
     * The trimmed page and what lies beyond it, in points.
     *
     * @param stacked whether the facing pages lie one above the other, as where leaves are turned up
     */
    record Leaf(Box trim, double outer, boolean stacked) {}

    boolean isSingle() {
        return single;
    }

    void setSingle(boolean one) {
        single = one;
        panX = 0;
        panY = 0;
    }

    /** Whether all is seen. */
    boolean isWhole() {
        return own == 0;
    }

    void whole() {
        own = 0;
        panX = 0;
        panY = 0;
    }

    /** The scale at which all is seen, in pixels to a point. */
    double fit(View view, Leaf leaf) {
        double across = across(leaf) * leaf.trim().width() + 2 * leaf.outer();
        double down = down(leaf) * leaf.trim().height() + 2 * leaf.outer();
        return Math.max(
                FARTHEST, Math.min((view.width() - 2 * SIDE) / across, (view.height() - TOP - 3 - view.foot()) / down));
    }

    double scale(View view, Leaf leaf) {
        return isWhole() ? fit(view, leaf) : own;
    }

    /** Comes nearer or goes away, so that what is under a point stays there. */
    void scaleTo(double wanted, Point2D at, View view, Leaf leaf) {
        double before = scale(view, leaf);
        double now = Math.max(FARTHEST, Math.min(NEAREST, wanted));
        double middleX = view.width() / 2 + panX;
        double middleY = middle(view) + panY;
        own = now;
        panX += (at.getX() - middleX) * (1 - now / before);
        panY += (at.getY() - middleY) * (1 - now / before);
        clamp(view, leaf);
    }

    void pan(double dx, double dy, View view, Leaf leaf) {
        panX += dx;
        panY += dy;
        clamp(view, leaf);
    }

    /** Some of the pages always stays in sight. */
    private void clamp(View view, Leaf leaf) {
        double s = scale(view, leaf);
        double across = across(leaf) * leaf.trim().width() * s;
        double down = down(leaf) * leaf.trim().height() * s;
        double mostX = Math.max(0, (across - view.width()) / 2 + 40);
        double mostY = Math.max(0, (down - view.height()) / 2 + 40);
        panX = Math.max(-mostX, Math.min(mostX, panX));
        panY = Math.max(-mostY, Math.min(mostY, panY));
    }

    private int across(Leaf leaf) {
        return single || leaf.stacked() ? 1 : 2;
    }

    private int down(Leaf leaf) {
        return single || !leaf.stacked() ? 1 : 2;
    }

    private static double middle(View view) {
        return (view.height() - view.foot() + TOP) / 2;
    }

    /** Where a page lies; the one at the right, or below, begins at the fold. */
    Rectangle2D place(boolean second, View view, Leaf leaf) {
        double s = scale(view, leaf);
        double w = leaf.trim().width() * s;
        double h = leaf.trim().height() * s;
        double fold = view.width() / 2 + panX;
        double x = single || leaf.stacked() ? fold - w / 2 : second ? fold : fold - w;
        double y = middle(view) + panY - (single || !leaf.stacked() ? h / 2 : second ? 0 : h);
        if (isWhole() && !leaf.stacked()) {
            y = Math.max(TOP + leaf.outer() * s, y);
        }
        return new Rectangle2D(x, y, w, h);
    }
}
