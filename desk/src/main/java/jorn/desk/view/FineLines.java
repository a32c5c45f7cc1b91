package jorn.desk.view;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.effect.BlendMode;
import javafx.scene.image.Image;

/** Draws a page small so that its fine lines can still be seen: what shrinking makes pale is laid over itself. */
public final class FineLines {
    private static final int TIMES = 3;

    private FineLines() {}

    public static void draw(GraphicsContext g, Image image, double x, double y, double width, double height) {
        g.save();
        g.drawImage(image, x, y, width, height);
        g.setGlobalBlendMode(BlendMode.MULTIPLY);
        for (int i = 1; i < TIMES; i++) {
            g.drawImage(image, x, y, width, height);
        }
        g.restore();
    }
}
