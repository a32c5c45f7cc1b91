package jorn.art;

import java.awt.image.BufferedImage;
import java.util.Collections;
import java.util.Map;
import java.util.WeakHashMap;
import jorn.measure.Trouble;

/** Whether pictures have colours, told from a few of their pixels. What is known of a file is kept as long as the file is. */
public final class PictureColours {
    /** So many pixels across are enough. */
    private static final int LOOK = 100;

    /** Less difference between red, green and blue is a grey that was scanned. */
    private static final int GREY = 24;

    private static final Map<PictureFile, Boolean> KNOWN = Collections.synchronizedMap(new WeakHashMap<>());

    private static final Map<PictureFile, Boolean> PURE = Collections.synchronizedMap(new WeakHashMap<>());
    private static final int PURE_LOOK = 400;
    /** As far from black and white as packing makes them. */
    private static final int PURE_SLACK = 12;
    /** So many pixels may be between, as a share. */
    private static final double PURE_REST = 0.002;

    private PictureColours() {}

    /** Whether a picture has colours. */
    public static boolean areColoured(Picture picture) {
        return KNOWN.computeIfAbsent(picture.file(), f -> look(picture));
    }

    /** Whether nearly all of a picture is pure black and pure white, as of a drawing that was scanned without greys. */
    public static boolean areBlackAndWhite(Picture picture) {
        return PURE.computeIfAbsent(picture.file(), f -> {
            try {
                int step = Math.max(1, Math.min(picture.width(), picture.height()) / PURE_LOOK);
                return isPure(PictureDecoder.read(picture, step));
            } catch (Trouble damaged) {
                // Another rule tells of that.
                return false;
            }
        });
    }

    private static boolean isPure(BufferedImage image) {
        int between = 0;
        int black = 0;
        int white = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int c = image.getRGB(x, y);
                boolean clear = (c >>> 24) < 8;
                int least = Math.min(c >> 16 & 255, Math.min(c >> 8 & 255, c & 255));
                int most = Math.max(c >> 16 & 255, Math.max(c >> 8 & 255, c & 255));
                boolean light = clear || 255 - least < PURE_SLACK;
                boolean dark = !clear && most < PURE_SLACK;
                white += light ? 1 : 0;
                black += dark ? 1 : 0;
                between += light || dark ? 0 : 1;
            }
        }
        double all = (double) image.getWidth() * image.getHeight();
        return between <= all * PURE_REST && black >= all * PURE_REST && white >= all * PURE_REST;
    }

    private static boolean look(Picture picture) {
        int bands = picture.file().facts().map(PictureFile.Facts::bands).orElse(1);
        boolean fourInks = bands == 4
                && picture.file()
                        .facts()
                        .filter(f -> f.kind() == PictureFile.Facts.Kind.JPEG)
                        .isPresent();
        if (fourInks || bands < 3) {
            return fourInks;
        }
        try {
            int step = Math.max(1, Math.min(picture.width(), picture.height()) / LOOK);
            return hasColour(PictureDecoder.read(picture, step));
        } catch (Trouble damaged) {
            // Another rule tells of that.
            return false;
        }
    }

    private static boolean hasColour(BufferedImage image) {
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int c = image.getRGB(x, y);
                int r = c >> 16 & 255;
                int g = c >> 8 & 255;
                int b = c & 255;
                boolean clear = (c >>> 24) < 128;
                if (!clear && Math.max(r, Math.max(g, b)) - Math.min(r, Math.min(g, b)) > GREY) {
                    return true;
                }
            }
        }
        return false;
    }
}
