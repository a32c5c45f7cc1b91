package jorn.print.bindery;

import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages of a file as small pictures. */
public final class PagePictures {
    private PagePictures() {}

    /**
     * A page as it is shown.
     *
     * @param number from 1
     * @param high in pixels
     */
    public static BufferedImage of(PdfSource source, int number, int high) {
        try {
            float scale = (float) (high / Math.max(1, source.height(number)));
            BufferedImage image =
                    new PDFRenderer(source.document()).renderImage(source.index(number), scale, ImageType.ARGB);
            BufferedImage white =
                    new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
            java.awt.Graphics2D g = white.createGraphics();
            g.setColor(java.awt.Color.WHITE);
            g.fillRect(0, 0, white.getWidth(), white.getHeight());
            g.drawImage(image, 0, 0, null);
            g.dispose();
            return white;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
