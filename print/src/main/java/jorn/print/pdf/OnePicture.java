package jorn.print.pdf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.print.raster.RasterSink;

/** Makes one picture of what cannot be written otherwise. */
final class OnePicture {
    /** Pixels to the inch that presses ask for (common practice). */
    private static final double PPI = 300;

    private static final double POINTS_PER_INCH = 72;

    private OnePicture() {}

    /**
     * @param marks lowest first
     * @param part what is wanted of them
     * @param page beyond which nothing is printed
     */
    static Mark of(List<Mark> marks, Box part, Box page) {
        Box seen = part.common(page);
        double scale = PPI / POINTS_PER_INCH;
        // Whole pixels, so that neighbours meet.
        double x = Math.floor(seen.x() * scale) / scale;
        double y = Math.floor(seen.y() * scale) / scale;
        double right = Math.ceil(seen.right() * scale) / scale;
        double bottom = Math.ceil(seen.bottom() * scale) / scale;
        Box box = Box.between(x, y, Math.max(right, x + 1 / scale), Math.max(bottom, y + 1 / scale));
        BufferedImage pixels = RasterSink.picture(new PageArt(box, box, box, marks), box, scale);
        BufferedImage plain = new BufferedImage(pixels.getWidth(), pixels.getHeight(), BufferedImage.TYPE_INT_RGB);
        var g = plain.createGraphics();
        g.drawImage(pixels, 0, 0, java.awt.Color.WHITE, null);
        g.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(plain, "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Picture picture = Picture.of("mixed", png.toByteArray());
        return new Mark.Image(picture, new Box(0, 0, picture.width(), picture.height()), box, 1);
    }
}
