package jorn.art;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.logging.Logger;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import jorn.measure.Trouble;
import org.jspecify.annotations.Nullable;

/**
 * Makes pixels of pictures. A picture that would take more memory than there is to spare is read with only every second, third or
 * so pixel of each row and column, row by row, so that it is never there whole.
 */
public final class PictureDecoder {
    /** The share of all memory that one picture may take. */
    private static final int SHARE = 8;

    private static final Logger LOG = Logger.getLogger(PictureDecoder.class.getName());

    /** Pixels of the longer side that are made to see whether a file is whole. */
    private static final int LOOK = 400;

    private static final long LEAST = 16L << 20;
    private static final long MOST = 400L << 20;

    private PictureDecoder() {}

    /** How many bytes one picture may take in memory: an eighth of what there is, and no more than 400 MB. */
    public static long budget() {
        return Math.min(MOST, Math.max(LEAST, Runtime.getRuntime().maxMemory() / SHARE));
    }

    /** Which pixels must be read, so that they have room: each one, each second, each third. */
    public static int leastStep(PictureFile.Facts facts) {
        double each = Math.max(4, facts.bands() * Math.ceil(facts.bits() / 8.0));
        double whole = (double) facts.width() * facts.height() * each;
        return (int) Math.max(1, Math.ceil(Math.sqrt(whole / budget())));
    }

    /**
     * The pixels of a picture, upright.
     *
     * @param step every how many-th pixel is read; more are left out where there is no room for so many
     * @throws Trouble where the file is missing or damaged
     */
    public static BufferedImage read(Picture picture, int step) {
        PictureFile.Facts facts = picture.file().facts().orElseThrow(() -> broken(picture, null));
        int every = Math.max(step, leastStep(facts));
        if (facts.kind() == PictureFile.Facts.Kind.SVG) {
            return drawn(picture, every);
        }
        AtomicBoolean harmed = new AtomicBoolean();
        try (InputStream file = picture.file().open();
                ImageInputStream in = ImageIO.createImageInputStream(file)) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            try {
                reader.addIIOReadWarningListener((IIOReadWarningListener) (from, warning) -> {
                    if (tellsOfHarm(warning)) {
                        harmed.set(true);
                    }
                });
                reader.setInput(in, true, true);
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(every, every, 0, 0);
                BufferedImage read = reader.read(0, param);
                if (harmed.get()) {
                    throw broken(picture, null);
                }
                return upright(read, facts.orientation());
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof Trouble t) {
                throw t;
            }
            // Readers say in many ways that a file is damaged.
            throw broken(picture, e);
        }
    }

    private static BufferedImage drawn(Picture picture, int step) {
        try {
            return VectorPicture.of(picture.file().blob())
                    .orElseThrow(() -> broken(picture, null))
                    .pixels(step);
        } catch (IOException e) {
            throw broken(picture, e);
        }
    }

    /** What is wrong with a file that can only be judged by reading it: few of its pixels are made. */
    static Optional<PictureFile.Harm> harm(PictureFile of) {
        PictureFile.Facts facts = of.facts().orElseThrow();
        int step = Math.max(1, Math.max(facts.width(), facts.height()) / LOOK);
        try (InputStream file = of.open();
                ImageInputStream in = ImageIO.createImageInputStream(file)) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            try {
                reader.setInput(in, true, true);
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(step, step, 0, 0);
                reader.read(0, param);
                return Optional.empty();
            } finally {
                reader.dispose();
            }
        } catch (java.io.EOFException e) {
            return Optional.of(PictureFile.Harm.CUT);
        } catch (IOException | RuntimeException e) {
            LOG.log(java.util.logging.Level.FINE, "A picture cannot be read through.", e);
            return Optional.of(PictureFile.Harm.BROKEN);
        }
    }

    /** Readers go on where they can, and only mention that half of a picture is missing; profiles that they mend do no harm. */
    private static boolean tellsOfHarm(String warning) {
        String said = warning.toLowerCase(Locale.ROOT);
        return said.contains("corrupt") || said.contains("premature") || said.contains("truncated");
    }

    /** That a picture is missing or damaged, with the reason as far as it is known. */
    private static Trouble broken(Picture picture, @Nullable Throwable cause) {
        PictureFile.Harm harm = picture.file().harm().orElse(PictureFile.Harm.BROKEN);
        return Trouble.because(
                cause, jorn.say.Message.of(harm.key(), picture.name()), jorn.say.Message.of("art.picture-file.do"));
    }

    private static BufferedImage upright(BufferedImage read, Orientation orientation) {
        if (orientation.equals(Orientation.UPRIGHT)) {
            return read;
        }
        int w = read.getWidth();
        int h = read.getHeight();
        Turn turn = orientation.turn(w, h);
        boolean grey = read.getColorModel().getNumComponents() == 1;
        boolean clear = read.getColorModel().hasAlpha();
        BufferedImage turned = new BufferedImage(
                orientation.swapped() ? h : w,
                orientation.swapped() ? w : h,
                grey ? BufferedImage.TYPE_BYTE_GRAY : clear ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        var g = turned.createGraphics();
        g.drawImage(
                read,
                new java.awt.geom.AffineTransform(turn.a(), turn.b(), turn.c(), turn.d(), turn.e(), turn.f()),
                null);
        g.dispose();
        return turned;
    }
}
