package jorn.desk.makeup;

import java.util.function.Supplier;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.desk.view.CanvasPane;
import jorn.desk.view.FineLines;
import jorn.desk.view.Painter;
import jorn.desk.view.Theme;
import org.jspecify.annotations.Nullable;

/** A small picture of a page, composed when it is first drawn. */
final class PagePicture extends CanvasPane {
    private final Painter painter;
    private final Supplier<PageArt> maker;
    private @Nullable PageArt art;

    /** @param size of its longer side, in pixels */
    PagePicture(Painter painter, Supplier<PageArt> maker, double size) {
        this.painter = painter;
        this.maker = maker;
        setMinSize(size, size);
        setPrefSize(size, size);
        setMaxSize(size, size);
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        PageArt page = art == null ? maker.get() : art;
        art = page;
        Box trim = page.trim();
        double s = Math.min((width - 4) / trim.width(), (height - 5) / trim.height());
        double w = trim.width() * s;
        double h = trim.height() * s;
        double x = (width - w) / 2;
        g.setFill(Theme.SHADOW);
        g.fillRect(x + 2, 3, w, h);
        // Painted at twice the size, so that fine lines keep their place.
        painter.paintInTurn(page, trim, (int) Math.round(w * 2), image -> {
            FineLines.draw(g, image, x, 0, w, h);
            g.setStroke(Theme.HAIRLINE);
            g.strokeRect(x + 0.5, 0.5, w, h);
        });
    }
}
