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

    private PictureColours() {}

    /** Whether a picture has colours. */
    public static boolean areColoured(Picture picture) {
        return KNOWN.computeIfAbsent(picture.file(), f -> look(picture));
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
