package jorn.print.bindery;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import jorn.art.Box;
import jorn.content.Memo;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Finds where there is ink on the pages of a file, to the nearest two points: from a small picture of each, made once. */
public final class InkFinder {
    /** Ink is known to this, in points. */
    static final double SLACK = 2;

    private static final double POINTS_PER_INCH = 72;
    private static final double DPI = POINTS_PER_INCH / SLACK;
    private static final int PICTURES_KEPT = 200;
    /** Paler than this is paper. */
    private static final int PAPER = 250;

    private final PdfSource source;
    private final PDFRenderer renderer;
    private final Map<Integer, Optional<Box>> known = new HashMap<>();
    private final Memo<Integer, Picture> pictures = new Memo<>(PICTURES_KEPT);

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

    /**
     * Whether there is ink in a part of a page, in points from the top left corner of what is shown of it.
     *
     * @param number from 1
     */
    public synchronized boolean touches(int number, Box part) {
        if (on(number).filter(b -> !b.common(part).isEmpty()).isEmpty()) {
            return false;
        }
        Picture picture = pictures.of(number, () -> paint(number));
        int left = (int) Math.max(0, Math.floor(part.x() / SLACK));
        int top = (int) Math.max(0, Math.floor(part.y() / SLACK));
        int right = (int) Math.min(picture.wide(), Math.ceil(part.right() / SLACK));
        int bottom = (int) Math.min(picture.high(), Math.ceil(part.bottom() / SLACK));
        for (int y = top; y < bottom; y++) {
            int next = picture.ink().nextSetBit(y * picture.wide() + left);
            if (next >= 0 && next < y * picture.wide() + right) {
                return true;
            }
        }
        return false;
    }

    /** A page, small: its ink row by row. */
    private record Picture(int wide, int high, BitSet ink) {}

    private Picture paint(int number) {
        BufferedImage image;
        try {
            image = renderer.renderImageWithDPI(source.index(number), (float) DPI, ImageType.GRAY);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        byte[] grey = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        BitSet ink = new BitSet(grey.length);
        for (int i = 0; i < grey.length; i++) {
            if ((grey[i] & 255) < PAPER) {
                ink.set(i);
            }
        }
        return new Picture(image.getWidth(), image.getHeight(), ink);
    }

    private Optional<Box> look(int number) {
        Picture picture = paint(number);
        pictures.of(number, () -> picture);
        int w = picture.wide();
        int left = w;
        int right = -1;
        int top = picture.high();
        int bottom = -1;
        for (int i = picture.ink().nextSetBit(0); i >= 0; i = picture.ink().nextSetBit(i + 1)) {
            left = Math.min(left, i % w);
            right = Math.max(right, i % w);
            top = Math.min(top, i / w);
            bottom = i / w;
        }
        if (right < 0) {
            return Optional.empty();
        }
        double width = source.width(number);
        double height = source.height(number);
        return Optional.of(Box.between(
                left * SLACK,
                top * SLACK,
                Math.min(width, (right + 1) * SLACK),
                Math.min(height, (bottom + 1) * SLACK)));
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
