package jorn.print.bindery;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Finds where there is ink on the pages of a file, to the nearest two points: from a small picture of each, made once. */
public final class InkFinder {
    /** Ink is known to this, in points. */
    static final double SLACK = 2;

    private static final double POINTS_PER_INCH = 72;
    private static final double DPI = POINTS_PER_INCH / SLACK;
    /** Paler than this is paper. */
    private static final int PAPER = 250;

    private final PdfSource source;
    private final PDFRenderer renderer;
    private final Map<Integer, Optional<Box>> known = new HashMap<>();

    public InkFinder(PdfSource source) {
        this.source = source;
        this.renderer = new PDFRenderer(source.document());
    }

    /**
     * What holds all ink of a page, in points from the top left corner of what is shown of it; nothing where it is white.
     *
     * @param number from 1
     */
    public synchronized Optional<Box> on(int number) {
        return known.computeIfAbsent(number, this::look);
    }

    private Optional<Box> look(int number) {
        BufferedImage image;
        try {
            image = renderer.renderImageWithDPI(source.index(number), (float) DPI, ImageType.GRAY);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        byte[] grey = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int w = image.getWidth();
        int h = image.getHeight();
        int left = w;
        int right = -1;
        int top = h;
        int bottom = -1;
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                if ((grey[y * w + x] & 255) < PAPER) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y);
                }
            }
        }
        if (right < 0) {
            return Optional.empty();
        }
        double scale = POINTS_PER_INCH / DPI;
        double width = source.width(number);
        double height = source.height(number);
        return Optional.of(Box.between(
                left * scale,
                top * scale,
                Math.min(width, (right + 1) * scale),
                Math.min(height, (bottom + 1) * scale)));
    }

    /**
     * What holds all ink of odd or of even pages: their white margins are alike, so that lines stay where they stand.
     *
     * @param odd whether odd ones are meant
     */
    public Optional<Box> onAll(boolean odd) {
        Box all = null;
        for (int n = odd ? 1 : 2; n <= source.count(); n += 2) {
            Optional<Box> own = on(n);
            if (own.isPresent()) {
                all = all == null ? own.get() : all.with(own.get());
            }
        }
        return Optional.ofNullable(all);
    }
}
