package jorn.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import javax.imageio.ImageIO;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures as other people's files: whole or refused with the reason, and the right way up. */
class PictureFileTest {
    /** Four quarters of four colours, so that every way of turning shows: red, green above blue, white. */
    private static final BufferedImage QUARTERS = quarters();

    private static BufferedImage quarters() {
        BufferedImage image = new BufferedImage(64, 32, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
        for (int i = 0; i < 4; i++) {
            g.setColor(colours[i]);
            g.fillRect(i % 2 * 32, i / 2 * 16, 32, 16);
        }
        g.dispose();
        return image;
    }

    private static byte[] written(BufferedImage image, String kind) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, kind, out);
        return out.toByteArray();
    }

    /** A JPEG in which a camera notes how it was held: an Exif segment with tag 274 alone. */
    static byte[] noted(byte[] jpeg, int tag) {
        byte[] segment = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            18,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) tag,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] all = new byte[jpeg.length + segment.length];
        System.arraycopy(jpeg, 0, all, 0, 2);
        System.arraycopy(segment, 0, all, 2, segment.length);
        System.arraycopy(jpeg, 2, all, 2 + segment.length, jpeg.length - 2);
        return all;
    }

    private static char at(BufferedImage image, double x, double y) {
        Color c = new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
        boolean r = c.getRed() > 128;
        boolean g = c.getGreen() > 128;
        return r && g ? 'W' : r ? 'R' : g ? 'G' : 'B';
    }

    /** What the upright picture has in its quarters, by Exif 2.32, 4.6.4 A, tag Orientation: which side is row 0, which column 0. */
    @ParameterizedTest
    @CsvSource({
        "1, RGBW, 64, 32",
        "2, GRWB, 64, 32",
        "3, WBGR, 64, 32",
        "4, BWRG, 64, 32",
        "5, RBGW, 32, 64",
        "6, BRWG, 32, 64",
        "7, WGBR, 32, 64",
        "8, GWRB, 32, 64",
        "9, RGBW, 64, 32"
    })
    void aPictureStandsAsItWasTaken(int tag, String quarters, int width, int height) throws IOException {
        Picture picture = Picture.of("a.jpg", noted(written(QUARTERS, "jpeg"), tag));
        assertEquals(width, picture.width());
        assertEquals(height, picture.height());
        BufferedImage read = PictureDecoder.read(picture, 1);
        assertEquals(width, read.getWidth());
        String seen = "" + at(read, 0.25, 0.25) + at(read, 0.75, 0.25) + at(read, 0.25, 0.75) + at(read, 0.75, 0.75);
        assertEquals(quarters, seen);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void aPictureIsRefusedWhereverItIsCut(String kind) throws IOException {
        BufferedImage noise = new BufferedImage(120, 90, BufferedImage.TYPE_INT_RGB);
        java.util.Random random = new java.util.Random(3);
        for (int i = 0; i < 120 * 90; i++) {
            noise.setRGB(i % 120, i / 120, random.nextInt());
        }
        byte[] whole = written(noise, kind);
        Picture.of("a", whole);
        for (int share = 2; share <= 9; share++) {
            byte[] cut = Arrays.copyOf(whole, whole.length * share / 10);
            Trouble t = assertThrows(Trouble.class, () -> Picture.of("a.pic", cut), kind + " " + share);
            assertTrue(t.what().contains("cut short"), t.what());
        }
        byte[] nearly = Arrays.copyOf(whole, whole.length - 1);
        assertThrows(Trouble.class, () -> Picture.of("a.pic", nearly));
    }

    @Test
    void aPngWithAWrongChecksumIsDamaged() throws IOException {
        byte[] png = written(QUARTERS, "png");
        png[png.length / 2] ^= 1;
        Trouble t = assertThrows(Trouble.class, () -> Picture.of("a.png", png));
        assertTrue(t.what().contains("damaged inside"), t.what());
    }

    @Test
    void aJpegWhoseMiddleIsMissingIsFoundWhenItIsRead() throws IOException {
        BufferedImage large = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        java.util.Random random = new java.util.Random(4);
        for (int i = 0; i < 160_000; i++) {
            large.setRGB(i % 400, i / 400, random.nextInt());
        }
        byte[] whole = written(large, "jpeg");
        byte[] robbed = Arrays.copyOf(whole, whole.length / 2);
        robbed[robbed.length - 2] = (byte) 0xFF;
        robbed[robbed.length - 1] = (byte) 0xD9;
        Picture picture = Picture.of("a.jpg", robbed);
        assertThrows(Trouble.class, () -> PictureDecoder.read(picture, 1));
        assertThrows(Trouble.class, () -> PictureDecoder.read(picture, 16));
    }

    @Test
    void anotherPicturesFileIsNotThisOnes() throws IOException {
        Picture picture = Picture.of("a.png", written(QUARTERS, "png"));
        byte[] other = written(new BufferedImage(10, 10, BufferedImage.TYPE_INT_RGB), "png");
        Picture now = picture.withFile(new ByteArrayInputStream(other), 10_000);
        assertEquals(Optional.of(PictureFile.Harm.CHANGED), now.file().harm());
        Picture none = picture.withFile(new ByteArrayInputStream(new byte[0]), 10_000);
        assertTrue(none.isMissing());
        assertEquals(Optional.empty(), none.file().harm());
    }

    @Test
    void aBookThatSaysAnotherSizeThanTheFileIsPutRight() throws IOException {
        byte[] turned = noted(written(QUARTERS, "jpeg"), 6);
        Picture picture = Picture.of("a.jpg", turned);
        Picture asOnceWritten = new Picture(picture.id(), "a.jpg", 64, 32, PictureFile.MISSING);
        Picture read = asOnceWritten.withFile(new ByteArrayInputStream(turned), 100_000);
        assertEquals(32, read.width());
        assertEquals(64, read.height());
    }

    @Test
    void fewerPixelsAreReadWhereSoFewAreWanted() throws IOException {
        Picture picture = Picture.of("a.png", written(QUARTERS, "png"));
        assertEquals(16, PictureDecoder.read(picture, 4).getWidth());
    }

    @ParameterizedTest
    @CsvSource({"1000, 1000, 3, 8", "40, 40, 4, 16"})
    void aSmallPictureIsReadWhole(int w, int h, int bands, int bits) {
        assertEquals(
                1,
                PictureDecoder.leastStep(
                        new PictureFile.Facts(w, h, Orientation.UPRIGHT, bands, bits, PictureFile.Facts.Kind.PNG)));
    }

    @Test
    void aHugePictureIsReadInSteps() {
        double each = 8;
        int side = (int) Math.sqrt(PictureDecoder.budget() * 8.9 / each);
        PictureFile.Facts huge =
                new PictureFile.Facts(side, side, Orientation.UPRIGHT, 4, 16, PictureFile.Facts.Kind.PNG);
        assertEquals(3, PictureDecoder.leastStep(huge));
    }

    @Test
    void aFileSaysWhatItHolds() throws IOException {
        PictureFile grey = Picture.of("a", written(new BufferedImage(5, 5, BufferedImage.TYPE_BYTE_GRAY), "jpeg"))
                .file();
        assertEquals(1, grey.facts().orElseThrow().bands());
        PictureFile clear = Picture.of("a", written(new BufferedImage(5, 5, BufferedImage.TYPE_INT_ARGB), "png"))
                .file();
        assertEquals(4, clear.facts().orElseThrow().bands());
        PictureFile deep = Picture.of("a", written(new BufferedImage(5, 5, BufferedImage.TYPE_USHORT_GRAY), "png"))
                .file();
        assertEquals(16, deep.facts().orElseThrow().bits());
        assertEquals(1, deep.facts().orElseThrow().bands());
    }
}
