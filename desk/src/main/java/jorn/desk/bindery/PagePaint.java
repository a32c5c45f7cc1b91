package jorn.desk.bindery;

import java.util.Optional;
import java.util.function.IntFunction;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import jorn.art.Box;
import jorn.desk.view.Theme;

/** Paints paper and pages of a stack, small; the page that is looked at has a frame. */
final class PagePaint {
    private static final double WORDS = 13;
    private static final double NARROW = 14;

    private final IntFunction<Optional<Image>> pictures;

    /** @param pictures of pages, by number; nothing until one is painted */
    PagePaint(IntFunction<Optional<Image>> pictures) {
        this.pictures = pictures;
    }

    /** A page as it is painted; nothing for a blank, or as long as it is not. */
    Optional<Image> picture(int number) {
        return number > 0 ? pictures.apply(number) : Optional.empty();
    }

    /** Paper without a page. */
    static void paper(GraphicsContext g, double x, double y, double w, double h) {
        g.setFill(Color.WHITE);
        g.fillRect(x, y, w, h);
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(1);
        g.strokeRect(x, y, w, h);
    }

    /** Words that begin at a point. */
    static void words(GraphicsContext g, String text, double x, double y, VPos where) {
        g.setFill(Theme.INK);
        g.setFont(Font.font(Theme.SANS, WORDS));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(where);
        g.fillText(text, x, y);
    }

    /**
     * A page with its number; 0 is a blank.
     *
     * @param turned whether it stands on its head
     * @param looked whether it is the one that is looked at
     */
    void page(GraphicsContext g, int number, Box at, boolean turned, boolean looked) {
        g.save();
        g.setFill(Color.WHITE);
        g.fillRect(at.x(), at.y(), at.width(), at.height());
        if (turned) {
            g.translate(at.centreX(), at.centreY());
            g.rotate(180);
            g.translate(-at.centreX(), -at.centreY());
        }
        Optional<Image> picture = picture(number);
        if (picture.isPresent()) {
            g.drawImage(picture.get(), at.x(), at.y(), at.width(), at.height());
        }
        g.restore();
        g.setStroke(looked ? Theme.THREAD : Theme.HAIRLINE);
        g.setLineWidth(looked ? 2.2 : 0.8);
        g.strokeRect(at.x(), at.y(), at.width(), at.height());
        if (number > 0) {
            double size = size(at.height());
            number(g, number, new Point2D(at.centreX(), at.bottom() - size / 2 - 3), at.width());
        }
    }

    private static double size(double high) {
        return Math.min(15, Math.max(10, high / 8));
    }

    /**
     * A page's number on a pale ground.
     *
     * @param at its middle
     * @param wide how wide the page is seen; too narrow ones have none
     */
    static void number(GraphicsContext g, int number, Point2D at, double wide) {
        if (wide <= NARROW) {
            return;
        }
        double size = size(1.4 * wide);
        double ground = size * (0.5 + 0.5 * Integer.toString(number).length());
        g.setFill(Theme.SHEET);
        g.fillRoundRect(at.getX() - ground / 2, at.getY() - size / 2 - 1, ground, size + 2, size, size);
        g.setFill(Theme.THREAD);
        g.setFont(Font.font(Theme.SANS, size));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(Integer.toString(number), at.getX(), at.getY());
    }
}
