package jorn.print.bindery;

import java.awt.image.BufferedImage;
import java.io.IOException;
import jorn.art.Box;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages of a file as small pictures. */
public final class PagePictures {
    private static final int HALF = 180;

    private PagePictures() {}

    /**
     * A page as it is shown.
     *
     * @param number from 1
     * @param high in pixels
     */
    public static BufferedImage of(PdfSource source, int number, int high) {
        return painted(source, number, high / Math.max(1, source.height(number)), 0);
    }

    /**
     * A part of a page.
     *
     * @param number from 1
     * @param part in points from the top left corner of what is shown of it
     * @param high of the part, in pixels
     */
    public static BufferedImage of(PdfSource source, int number, Box part, int high) {
        double scale = high / Math.max(1, part.height());
        BufferedImage all = painted(source, number, scale, 0);
        int x = (int) Math.max(0, Math.round(part.x() * scale));
        int y = (int) Math.max(0, Math.round(part.y() * scale));
        int w = (int) Math.max(1, Math.min(all.getWidth() - x, Math.round(part.width() * scale)));
        int h = (int) Math.max(1, Math.min(all.getHeight() - y, Math.round(part.height() * scale)));
        if (w == all.getWidth() && h == all.getHeight()) {
            return all;
        }
        BufferedImage cut = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        java.awt.Graphics2D g = cut.createGraphics();
        g.drawImage(all, -x, -y, null);
        g.dispose();
        return cut;
    }

    /**
     * A page turned, so large that it fits into a square.
     *
     * @param number from 1
     * @param side of the square, in pixels
     * @param turn clockwise, in degrees, a multiple of 90
     */
    public static BufferedImage of(PdfSource source, int number, int side, int turn) {
        double longer = Math.max(source.width(number), source.height(number));
        return painted(source, number, side / Math.max(1, longer), turn);
    }

    private static BufferedImage painted(PdfSource source, int number, double scale, int turn) {
        try {
            BufferedImage image =
                    new PDFRenderer(source.document()).renderImage(source.index(number), (float) scale, ImageType.ARGB);
            boolean sideways = turn % HALF != 0;
            int wide = sideways ? image.getHeight() : image.getWidth();
            int high = sideways ? image.getWidth() : image.getHeight();
            BufferedImage white = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB_PRE);
            java.awt.Graphics2D g = white.createGraphics();
            g.setColor(java.awt.Color.WHITE);
            g.fillRect(0, 0, wide, high);
            g.translate(wide / 2.0, high / 2.0);
            g.rotate(Math.toRadians(turn));
            g.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
            g.drawImage(image, 0, 0, null);
            g.dispose();
            return white;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
