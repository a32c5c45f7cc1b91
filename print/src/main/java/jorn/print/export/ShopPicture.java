package jorn.print.export;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.print.raster.RasterSink;
import jorn.store.SafeFile;

/** A picture of a page for a shop's page. */
public final class ShopPicture {
    /** Pixels of the shorter side: 2,000 or more are wanted (common practice). */
    public static final int SHORT_SIDE = 2000;

    private ShopPicture() {}

    /** The page inside its trim. */
    public static BufferedImage of(PageArt page) {
        Box trim = page.trim();
        return RasterSink.picture(page, trim, SHORT_SIDE / Math.min(trim.width(), trim.height()));
    }

    /**
     * Writes it as PNG.
     *
     * @param file is written beside its place and moved there
     */
    public static void write(PageArt page, Path file) {
        SafeFile.write(file, out -> {
            if (!ImageIO.write(of(page), "png", out)) {
                throw new IOException("png");
            }
        });
    }
}
