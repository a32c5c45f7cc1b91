package jorn.desk.view;

import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;

/** A round glass under the pointer, which shows a page larger. */
final class Loupe {
    static final double RADIUS = 110;
    /** How many times larger than around it. */
    static final double TIMES = 2.5;

    private Loupe() {}

    /**
     * Draws what the glass shows.
     *
     * @param image the whole page
     * @param page where the page lies
     * @param at where the pointer is
     */
    static void draw(GraphicsContext g, Image image, Rectangle2D page, Point2D at, Color paper) {
        g.save();
        g.beginPath();
        g.arc(at.getX(), at.getY(), RADIUS, RADIUS, 0, 360);
        g.closePath();
        g.clip();
        g.setFill(Theme.PAPER);
        g.fillRect(at.getX() - RADIUS, at.getY() - RADIUS, 2 * RADIUS, 2 * RADIUS);
        double x = at.getX() - (at.getX() - page.getMinX()) * TIMES;
        double y = at.getY() - (at.getY() - page.getMinY()) * TIMES;
        double w = page.getWidth() * TIMES;
        double h = page.getHeight() * TIMES;
        g.drawImage(image, x, y, w, h);
        PaperTint.lay(g, paper, x, y, w, h);
        g.restore();
        g.setStroke(Theme.INK);
        g.setLineWidth(3);
        g.strokeOval(at.getX() - RADIUS, at.getY() - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.setStroke(Theme.SHEET);
        g.setLineWidth(1);
        g.strokeOval(at.getX() - RADIUS + 2.5, at.getY() - RADIUS + 2.5, 2 * RADIUS - 5, 2 * RADIUS - 5);
    }
}
