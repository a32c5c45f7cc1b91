package jorn.desk.view;

import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.canvas.GraphicsContext;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.art.Side;
import jorn.book.Brief;
import jorn.book.Pagination;
import jorn.makeup.PageComposer;
import jorn.measure.Size;

/**
 * A small picture of a page, or of the two pages of a spread. It is composed off the interface thread when it is first seen;
 * until then bare paper of the right proportion is shown.
 */
public final class SpreadPicture extends CanvasPane {
    private static final ExecutorService COMPOSER = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "small-pictures");
        t.setDaemon(true);
        return t;
    });

    private final Painter painter;
    private final Supplier<List<PageArt>> maker;
    private final Size trim;
    private final int across;
    private List<PageArt> pages = List.of();
    private boolean asked;

    /**
     * @param maker the pages from left to right; called on another thread
     * @param across how many there are
     * @param width of all of them, in pixels
     */
    public SpreadPicture(Painter painter, Supplier<List<PageArt>> maker, Size trim, int across, double width) {
        this.painter = painter;
        this.maker = maker;
        this.trim = trim;
        this.across = across;
        double height =
                (width - 4) / across * trim.height().points() / trim.width().points() + 5;
        setMinSize(width, height);
        setPrefSize(width, height);
        setMaxSize(width, height);
    }

    /** The width of one upright or broad page whose longer side has so many pixels. */
    public static double widthOf(Size trim, double longerSide) {
        double ratio = trim.width().points() / trim.height().points();
        return ratio < 1 ? longerSide * ratio : longerSide;
    }

    /**
     * The two pages that lie open where a page is, from left to right; one of them may be the inside of the cover, which is
     * bare.
     *
     * @param page from 1; 0 for the inside of the front cover
     */
    public static List<PageArt> open(PageComposer pages, Pagination pagination, Brief brief, int page) {
        int spread = Pagination.spreadOf(page);
        OptionalInt verso = pagination.versoOf(spread);
        OptionalInt recto = pagination.rectoOf(spread);
        PageArt there = pages.page(verso.orElseGet(recto::getAsInt));
        PageArt bare = new PageArt(there.trim(), there.bleed(), List.of());
        PageArt second = recto.isPresent() ? pages.page(recto.getAsInt()) : bare;
        PageArt first = verso.isPresent() ? there : bare;
        return brief.isRightHand(Side.RECTO) ? List.of(first, second) : List.of(second, first);
    }

    @Override
    protected void draw(GraphicsContext g, double width, double height) {
        if (!asked) {
            asked = true;
            COMPOSER.execute(() -> {
                List<PageArt> made = maker.get();
                Platform.runLater(() -> {
                    pages = made;
                    redraw();
                });
            });
        }
        double w = (width - 4) / across;
        double h = w * trim.height().points() / trim.width().points();
        g.setFill(Theme.SHADOW);
        g.fillRect(2, 3, w * across, h);
        g.setFill(Theme.SHEET);
        g.fillRect(0, 0, w * across, h);
        for (int i = 0; i < pages.size(); i++) {
            PageArt page = pages.get(i);
            Box cut = page.trim();
            double x = i * w;
            // Painted at twice the size, so that fine lines keep their place.
            painter.paintInTurn(page, cut, (int) Math.round(w * 2), image -> {
                FineLines.draw(g, image, x, 0, w, h);
                edge(g, x, w, h);
            });
        }
        for (int i = 0; i < across; i++) {
            edge(g, i * w, w, h);
        }
    }

    private static void edge(GraphicsContext g, double x, double w, double h) {
        g.setStroke(Theme.HAIRLINE);
        g.setLineWidth(1);
        g.strokeRect(x + 0.5, 0.5, w, h);
    }
}
