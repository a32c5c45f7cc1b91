package jorn.art;

import java.awt.image.BufferedImage;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.WeakHashMap;
import jorn.measure.Trouble;

/** Where a picture has ink, told from a few of its pixels. What is known of a file is kept as long as the file is. */
public final class PictureInk {
    /** So many pixels along the longer side are enough. */
    private static final int LOOK = 400;

    /** Paler than this is paper. */
    private static final int PALEST = 243;

    /** So little opacity is none, of 255. */
    private static final int CLEAR = 8;

    private static final Map<PictureFile, Box> KNOWN = Collections.synchronizedMap(new WeakHashMap<>());

    private PictureInk() {}

    /**
     * The part of a picture that is not white, in its pixels, to the nearest few; all of it where it is white, damaged, or made of lines, which
     * are cut by whoever drew them.
     */
    public static Box of(Picture picture) {
        Box all = new Box(0, 0, picture.width(), picture.height());
        boolean drawn = picture.file()
                .facts()
                .filter(f -> f.kind() == PictureFile.Facts.Kind.SVG)
                .isPresent();
        return drawn || picture.isMissing() ? all : KNOWN.computeIfAbsent(picture.file(), f -> look(picture, all));
    }

    private static Box look(Picture picture, Box all) {
        BufferedImage look;
        try {
            look = PictureDecoder.read(picture, Math.max(1, Math.max(picture.width(), picture.height()) / LOOK));
        } catch (Trouble damaged) {
            // Another rule tells of that.
            return all;
        }
        double sx = all.width() / look.getWidth();
        double sy = all.height() / look.getHeight();
        // A pixel that was left out may have had the line's edge.
        return in(look, PALEST)
                .map(b -> Box.between((b.x() - 1) * sx, (b.y() - 1) * sy, (b.right() + 1) * sx, (b.bottom() + 1) * sy)
                        .common(all))
                .orElse(all);
    }

    /**
     * The part of an image that is not white, in its pixels; nothing where all of it is. What is all but transparent is white, too.
     *
     * @param palest the least of red, green and blue that is ink still, of 255
     */
    public static Optional<Box> in(BufferedImage look, int palest) {
        int left = look.getWidth();
        int right = -1;
        int top = look.getHeight();
        int bottom = -1;
        for (int y = 0; y < look.getHeight(); y++) {
            for (int x = 0; x < look.getWidth(); x++) {
                if (isInk(look.getRGB(x, y), palest)) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = Math.min(top, y);
                    bottom = y;
                }
            }
        }
        return right < 0 ? Optional.empty() : Optional.of(Box.between(left, top, right + 1, bottom + 1));
    }

    private static boolean isInk(int c, int palest) {
        return (c >>> 24) >= CLEAR && Math.min(c >> 16 & 255, Math.min(c >> 8 & 255, c & 255)) <= palest;
    }
}
