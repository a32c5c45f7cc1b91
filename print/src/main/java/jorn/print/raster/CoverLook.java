package jorn.print.raster;

import java.awt.image.BufferedImage;
import jorn.art.PageArt;
import jorn.cover.Cover;
import jorn.cover.FrontGround;

/** A front as pixels, to be judged. */
public final class CoverLook {
    /** Twice the height of the stamp that is judged. */
    private static final double HEIGHT = 320;

    private CoverLook() {}

    /** What lies behind the words of a composed front. */
    public static FrontGround ground(Cover cover) {
        return pixels(cover.behindWords());
    }

    /** All that is on a front. */
    public static FrontGround front(Cover cover) {
        return pixels(cover.frontArt());
    }

    private static FrontGround pixels(PageArt art) {
        BufferedImage image =
                RasterSink.picture(art, art.trim(), HEIGHT / art.trim().height());
        int w = image.getWidth();
        int h = image.getHeight();
        int[] rgb = image.getRGB(0, 0, w, h, null, 0, w);
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] &= 0xFFFFFF;
        }
        return new FrontGround(w, h, rgb);
    }
}
