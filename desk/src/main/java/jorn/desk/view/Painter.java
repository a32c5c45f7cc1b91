package jorn.desk.view;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.print.raster.RasterSink;

/**
 * Paints pages off the interface thread and keeps the pictures. The newest wish is painted first, so the page that is
 * looked at never waits for those that have been scrolled past.
 */
public final class Painter {
    /** Room for the spreads just turned and for several hundred small pages: 32 MB. */
    private static final long MOST_PIXELS = 8_000_000;

    private final Map<Key, Image> kept = new LinkedHashMap<>(64, 0.75f, true);
    private long pixels;
    private final Map<Key, Set<Consumer<Image>>> awaited = new HashMap<>();
    private final NewestFirst wishes = new NewestFirst();
    private final ThreadPoolExecutor hands = new ThreadPoolExecutor(1, 1, 1, TimeUnit.MINUTES, wishes, r -> {
        Thread t = new Thread(r, "painter");
        t.setDaemon(true);
        return t;
    });

    private record Key(PageArt art, Box part, int width) {}

    /** A queue that hands out what came last. */
    private static final class NewestFirst extends LinkedBlockingDeque<Runnable> {
        private static final long serialVersionUID = 1L;

        private volatile boolean inTurn;

        @Override
        public boolean offer(Runnable r) {
            return inTurn ? offerLast(r) : offerFirst(r);
        }
    }

    /** The picture, if it has been painted already. */
    public Optional<Image> ready(PageArt art, Box part, int width) {
        return Optional.ofNullable(kept.get(new Key(art, part, width)));
    }

    /**
     * Paints a page.
     *
     * @param part what of it, in points from the trim's corner
     * @param width of the picture in pixels, from 1
     * @param then hears of the picture on the interface thread, once however often it asked; at once where it is painted
     *     already
     */
    public void paint(PageArt art, Box part, int width, Consumer<Image> then) {
        Key key = new Key(art, part, Math.max(1, width));
        Image known = kept.get(key);
        if (known != null) {
            then.accept(known);
            return;
        }
        boolean isNew = !awaited.containsKey(key);
        awaited.computeIfAbsent(key, k -> new LinkedHashSet<>()).add(then);
        if (isNew) {
            hands.execute(() -> {
                Image image;
                try {
                    image = toImage(RasterSink.picture(art, part, key.width() / part.width()));
                } catch (RuntimeException | Error e) {
                    // Nobody waits for ever, and whoever asks next tries again.
                    Platform.runLater(() -> awaited.remove(key));
                    throw e;
                }
                Platform.runLater(() -> {
                    keep(key, image);
                    Set<Consumer<Image>> waiting = awaited.remove(key);
                    if (waiting != null) {
                        waiting.forEach(w -> w.accept(image));
                    }
                });
            });
        }
    }

    /** As {@link #paint}, but after all that is wished for already: for many small pictures that are read from the top. */
    public void paintInTurn(PageArt art, Box part, int width, Consumer<Image> then) {
        wishes.inTurn = true;
        paint(art, part, width, then);
        wishes.inTurn = false;
    }

    /** Paints at once, on this thread, for the page that the user has just turned to. */
    public Image now(PageArt art, Box part, int width) {
        Key key = new Key(art, part, Math.max(1, width));
        Image known = kept.get(key);
        if (known == null) {
            known = fresh(art, part, key.width());
            keep(key, known);
        }
        return known;
    }

    /** Keeps a picture, and lets go of those that have not been looked at for longest. */
    private void keep(Key key, Image image) {
        Image before = kept.put(key, image);
        pixels += pixels(image) - (before == null ? 0 : pixels(before));
        var eldest = kept.entrySet().iterator();
        while (pixels > MOST_PIXELS && kept.size() > 1) {
            pixels -= pixels(eldest.next().getValue());
            eldest.remove();
        }
    }

    private static long pixels(Image image) {
        return (long) (image.getWidth() * image.getHeight());
    }

    /** Paints at once and keeps nothing, for what is gone the next moment. */
    public static Image fresh(PageArt art, Box part, int width) {
        return toImage(RasterSink.picture(art, part, width / part.width()));
    }

    /** Draws a page for nobody, so that all that draws is loaded; on any thread. */
    public static void warm(PageArt art, int width) {
        RasterSink.picture(art, art.trim(), width / art.trim().width());
    }

    /** The same pixels as an image of the interface. */
    public static Image toImage(BufferedImage picture) {
        int[] pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        return new WritableImage(new PixelBuffer<>(
                picture.getWidth(), picture.getHeight(), IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
