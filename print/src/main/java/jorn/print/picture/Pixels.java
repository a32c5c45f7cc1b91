package jorn.print.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.IntStream;
import jorn.art.Picture;
import jorn.art.PictureDecoder;
import jorn.art.Tone;
import jorn.measure.Trouble;
import org.jspecify.annotations.Nullable;

/** The pixels of pictures, laid on white paper: nothing shines through, as presses ask. The last few are kept. */
public final class Pixels {
    private record Key(Picture picture, PixelLook shown, int halvings) {}

    /** How the pixels are shown: mixed with white, and coloured. */
    public record PixelLook(double opacity, Tone tone) {
        /** In their own colours. */
        public static PixelLook faded(double opacity) {
            return new PixelLook(opacity, Tone.AS_IT_IS);
        }
    }

    /** Enough for the pictures of the pages just turned. */
    private static final long MOST_KEPT = 32L << 20;

    /** Those used last, the latest at the end. */
    private static final Map<Key, BufferedImage> READY = new LinkedHashMap<>(16, 0.75f, true);

    /** Held while a picture is decoded, by one of so many at once. */
    private static final Object[] HANDS =
            IntStream.range(0, 16).mapToObj(i -> new Object()).toArray();

    private Pixels() {}

    /**
     * The pixels in full, or as many as there is room for.
     *
     * @param shown how they are mixed and coloured
     * @throws Trouble where the file is damaged
     */
    public static BufferedImage of(Picture picture, PixelLook shown) {
        return of(picture, shown, 0);
    }

    /**
     * The pixels, halved as often as they can be and still have a wanted width, so that small pictures stay smooth.
     *
     * @param width wanted at least, in pixels
     */
    public static BufferedImage atLeast(Picture picture, PixelLook shown, double width) {
        int halvings = 0;
        while (picture.width() / (double) (1 << (halvings + 1)) >= width && halvings < 8) {
            halvings++;
        }
        return of(picture, shown, halvings);
    }

    /**
     * The pixels, halved so often.
     *
     * @param halvings 0 or more
     */
    public static BufferedImage halved(Picture picture, PixelLook shown, int halvings) {
        return of(picture, shown, halvings);
    }

    /** The same picture in greys of the same lightness. */
    public static BufferedImage grey(BufferedImage picture) {
        if (picture.getType() == BufferedImage.TYPE_BYTE_GRAY) {
            return picture;
        }
        BufferedImage grey = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
        for (int y = 0; y < picture.getHeight(); y++) {
            for (int x = 0; x < picture.getWidth(); x++) {
                int c = picture.getRGB(x, y);
                // Luma of IEC 61966-2-1 primaries (ITU-R BT.709), on the values as they are stored.
                double level = 0.2126 * (c >> 16 & 255) + 0.7152 * (c >> 8 & 255) + 0.0722 * (c & 255);
                grey.getRaster().setSample(x, y, 0, (int) Math.round(level));
            }
        }
        return grey;
    }

    /**
     * The pixels in full, or as many as there is room for.
     *
     * @param least pixels to the inch that must be left where the picture stands largest
     * @param ppi pixels to the inch that it has there in full
     * @throws Trouble where there is no room for so many
     */
    public static BufferedImage forPrint(Picture picture, PixelLook shown, double least, double ppi) {
        int step = picture.file().facts().map(PictureDecoder::leastStep).orElse(1);
        if (step > 1 && ppi / step < least) {
            throw Trouble.of("art.picture-decoder.too-large", picture.name(), picture.width(), picture.height());
        }
        return of(picture, shown);
    }

    private static BufferedImage of(Picture picture, PixelLook shown, int halvings) {
        Key key = new Key(picture, shown, halvings);
        // One picture is decoded once; others go on meanwhile.
        synchronized (HANDS[Math.floorMod(picture.id().hashCode(), HANDS.length)]) {
            BufferedImage known = find(key);
            if (known == null) {
                known = halvings == 0
                        ? flat(picture, shown, 1)
                        : isLarge(picture)
                                ? half(flat(picture, shown, 1 << (halvings - 1)))
                                : half(of(picture, shown, halvings - 1));
                keep(key, known);
            }
            return known;
        }
    }

    private static @Nullable BufferedImage find(Key key) {
        synchronized (READY) {
            return READY.get(key);
        }
    }

    private static void keep(Key key, BufferedImage pixels) {
        synchronized (READY) {
            READY.put(key, pixels);
            forgetTooMany();
        }
    }

    /** Such a picture is not made whole in order to be halved. */
    private static boolean isLarge(Picture picture) {
        return (long) picture.width() * picture.height() > LARGE;
    }

    private static final long LARGE = 2_000_000;

    private static void forgetTooMany() {
        long all = 0;
        for (BufferedImage each : READY.values()) {
            all += bytes(each);
        }
        Iterator<BufferedImage> oldest = READY.values().iterator();
        while (all > MOST_KEPT && READY.size() > 1) {
            all -= bytes(oldest.next());
            oldest.remove();
        }
    }

    private static long bytes(BufferedImage picture) {
        return (long) picture.getWidth()
                * picture.getHeight()
                * picture.getColorModel().getPixelSize()
                / 8;
    }

    private static BufferedImage flat(Picture picture, PixelLook shown, int step) {
        BufferedImage read = PictureDecoder.read(picture, step);
        boolean grey = read.getColorModel().getNumColorComponents() == 1;
        BufferedImage flat = new BufferedImage(
                read.getWidth(), read.getHeight(), grey ? BufferedImage.TYPE_BYTE_GRAY : BufferedImage.TYPE_INT_RGB);
        Graphics2D g = flat.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, flat.getWidth(), flat.getHeight());
        g.setComposite(java.awt.AlphaComposite.SrcOver.derive((float) shown.opacity()));
        g.drawImage(read, 0, 0, null);
        g.dispose();
        return shown.tone().isNone() ? flat : toned(flat, shown.tone());
    }

    private static BufferedImage toned(BufferedImage flat, Tone tone) {
        BufferedImage toned = new BufferedImage(flat.getWidth(), flat.getHeight(), BufferedImage.TYPE_INT_RGB);
        int[] row = new int[flat.getWidth()];
        for (int y = 0; y < flat.getHeight(); y++) {
            flat.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int x = 0; x < row.length; x++) {
                row[x] = tone.of(row[x]);
            }
            toned.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        return toned;
    }

    private static BufferedImage half(BufferedImage whole) {
        int w = Math.max(1, whole.getWidth() / 2);
        int h = Math.max(1, whole.getHeight() / 2);
        BufferedImage half = new BufferedImage(w, h, whole.getType());
        Graphics2D g = half.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(whole, 0, 0, w, h, null);
        g.dispose();
        return half;
    }
}
