package jorn.desk.view;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.effect.BlendMode;
import javafx.scene.paint.Color;
import jorn.book.Brief;

/** Tints a page as its paper is. */
final class PaperTint {
    private PaperTint() {}

    /** The shade of the book's paper. */
    static Color of(Brief brief) {
        return brief.paperStock().shade().map(s -> Color.web("#" + s)).orElse(Color.WHITE);
    }

    /** Lays the shade over what is drawn, as ink on such paper looks. */
    static void lay(GraphicsContext g, Color shade, double x, double y, double width, double height) {
        if (!shade.equals(Color.WHITE)) {
            g.save();
            g.setGlobalBlendMode(BlendMode.MULTIPLY);
            g.setFill(shade);
            g.fillRect(x, y, width, height);
            g.restore();
        }
    }
}
