package jorn.desk.covers;

import java.awt.image.BufferedImage;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.scene.image.Image;
import jorn.art.PageArt;
import jorn.desk.view.Painter;
import jorn.print.raster.RasterSink;

/** Makes and paints small covers off the interface thread, in order; what is asked for anew makes the old wishes void. */
final class Thumbs {
    private static final Logger LOG = Logger.getLogger(Thumbs.class.getName());

    private final AtomicInteger round = new AtomicInteger();
    private final ExecutorService hand = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "small covers");
        t.setDaemon(true);
        return t;
    });

    /** Everything asked for before is no longer wanted. */
    void begin() {
        round.incrementAndGet();
    }

    /** @param then hears of the picture on the interface thread */
    void paint(Supplier<PageArt> art, int height, Consumer<Image> then) {
        int mine = round.get();
        hand.execute(() -> {
            if (mine != round.get()) {
                return;
            }
            try {
                PageArt made = art.get();
                BufferedImage picture = RasterSink.picture(
                        made, made.trim(), height / made.trim().height());
                Platform.runLater(() -> {
                    if (mine == round.get()) {
                        then.accept(Painter.toImage(picture));
                    }
                });
            } catch (RuntimeException e) {
                // A small picture that cannot be made stays empty; the large one tells why.
                LOG.log(Level.WARNING, "A small cover cannot be painted.", e);
            }
        });
    }
}
