package jorn.print.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.measure.Trouble;
import org.jspecify.annotations.Nullable;

/** The pixels of pictures, laid on white paper: nothing shines through, as presses ask. The last few are kept. */
public final class Pixels {
    private static final int KEPT = 12;

    private record Key(Picture picture, double opacity, int halvings) {}

    private static final Map<Key, BufferedImage> READY = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, BufferedImage> eldest) {
            return size() > KEPT;
        }
    };

    private Pixels() {}

    /**
     * The pixels in full.
     *
     * @param opacity 1 as they are, towards 0 mixed with white
     * @throws Trouble where the file is damaged
     */
    public static BufferedImage of(Picture picture, double opacity) {
        return of(picture, opacity, 0);
    }

    /**
     * The pixels, halved as often as they can be and still have a wanted width, so that small pictures stay smooth.
     *
     * @param width wanted at least, in pixels
     */
    public static BufferedImage atLeast(Picture picture, double opacity, double width) {
        int halvings = 0;
        while (picture.width() / (double) (1 << (halvings + 1)) >= width && halvings < 8) {
            halvings++;
        }
        return of(picture, opacity, halvings);
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

    private static synchronized BufferedImage of(Picture picture, double opacity, int halvings) {
        Key key = new Key(picture, opacity, halvings);
        BufferedImage known = READY.get(key);
        if (known == null) {
            known = halvings == 0 ? flat(picture, opacity) : half(of(picture, opacity, halvings - 1));
            READY.put(key, known);
        }
        return known;
    }

    private static BufferedImage flat(Picture picture, double opacity) {
        BufferedImage read;
        try {
            read = ImageIO.read(new ByteArrayInputStream(picture.bytes()));
        } catch (IOException e) {
            throw damaged(picture, e);
        }
        if (read == null) {
            throw damaged(picture, null);
        }
        boolean grey = read.getColorModel().getNumColorComponents() == 1;
        BufferedImage flat = new BufferedImage(
                read.getWidth(), read.getHeight(), grey ? BufferedImage.TYPE_BYTE_GRAY : BufferedImage.TYPE_INT_RGB);
        Graphics2D g = flat.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, flat.getWidth(), flat.getHeight());
        g.setComposite(java.awt.AlphaComposite.SrcOver.derive((float) opacity));
        g.drawImage(read, 0, 0, null);
        g.dispose();
        return flat;
    }

    private static Trouble damaged(Picture picture, @Nullable IOException cause) {
        return Trouble.because(cause, "print.pixels.picture-damaged", picture.name());
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
