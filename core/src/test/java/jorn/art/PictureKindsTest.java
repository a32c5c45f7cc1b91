package jorn.art;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import jorn.art.PictureFile.Facts.Kind;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;

/** Pictures of every kind that is taken in, whole and spoiled. */
class PictureKindsTest {
    private static final String DRAWING =
            """
            <?xml version="1.0"?>
            <!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd">
            <svg xmlns="http://www.w3.org/2000/svg" width="30" height="60">
              <script>throw 1</script>
              <rect width="30" height="30" fill="#ff0000"/><rect y="30" width="30" height="30" fill="#0000ff"/>
            </svg>
            """;

    private static byte[] resource(String name) throws IOException {
        try (InputStream in = PictureKindsTest.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        }
    }

    private static byte[] file(String format) throws IOException {
        BufferedImage image = new BufferedImage(24, 36, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 36; y++) {
            for (int x = 0; x < 24; x++) {
                image.setRGB(x, y, y < 18 ? 0xFF0000 : 0x0000FF);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertTrue(ImageIO.write(image, format, out), format);
        return out.toByteArray();
    }

    private static Kind kind(Picture picture) {
        return picture.file().facts().orElseThrow().kind();
    }

    @Test
    void aTiffIsReadAndItsEndMissed() throws IOException {
        byte[] bytes = file("tiff");
        Picture picture = Picture.of("scan.tif", bytes);
        assertEquals(Kind.TIFF, kind(picture));
        assertEquals(24, picture.width());
        assertEquals(0xFF0000, PictureDecoder.read(picture, 1).getRGB(3, 3) & 0xFFFFFF);
        byte[] cut = Arrays.copyOf(bytes, bytes.length / 2);
        assertThrows(Trouble.class, () -> Picture.of("cut.tif", cut));
    }

    @Test
    void aWebPictureIsRead() throws IOException {
        Picture picture = Picture.of("p.webp", resource("gradient.webp"));
        assertEquals(Kind.WEBP, kind(picture));
        assertEquals(36, picture.height());
        assertEquals(36, PictureDecoder.read(picture, 1).getHeight());
        byte[] cut = Arrays.copyOf(resource("gradient.webp"), 60);
        assertThrows(Trouble.class, () -> Picture.of("cut.webp", cut));
    }

    /** Orange above, navy below, in four inks: the reader's colours lie near those of the screen (the tool that made it is another). */
    @Test
    void aPictureInFourInksIsSeenInItsColours() throws IOException {
        Picture picture = Picture.of("inks.jpg", resource("gradient-cmyk.jpg"));
        BufferedImage seen = PictureDecoder.read(picture, 1);
        int top = seen.getRGB(20, 1);
        int foot = seen.getRGB(20, 58);
        assertTrue((top >> 16 & 255) > 200 && (top & 255) < 90, Integer.toHexString(top));
        assertTrue((foot >> 16 & 255) < 60 && (foot & 255) > 80, Integer.toHexString(foot));
    }

    @Test
    void aDrawingIsSharpAtAnySizeAndRunsNoScript() throws IOException {
        Picture picture = Picture.of("d.svg", DRAWING.getBytes(StandardCharsets.UTF_8));
        assertEquals(Kind.SVG, kind(picture));
        assertEquals(6000, picture.height());
        assertEquals(3000, picture.width());
        BufferedImage small = PictureDecoder.read(picture, 100);
        assertEquals(60, small.getHeight());
        assertEquals(0xFFFF0000, small.getRGB(15, 10));
        assertEquals(0xFF0000FF, small.getRGB(15, 50));
        assertEquals(Optional.empty(), picture.file().harm());
    }

    @Test
    void aDrawingThatLeansOnFilesElsewhereIsRefused() {
        for (String href : List.of("http://example.org/a.png", "file:///etc/hostname", "other.svg#part")) {
            String leaning = "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\""
                    + " width=\"9\" height=\"9\"><image xlink:href=\"" + href + "\" width=\"9\" height=\"9\"/></svg>";
            assertThrows(Trouble.class, () -> Picture.of("l.svg", leaning.getBytes(StandardCharsets.UTF_8)), href);
        }
        String inner =
                "<!DOCTYPE svg [<!ENTITY a SYSTEM \"file:///etc/hostname\">]><svg xmlns=\"http://www.w3.org/2000/svg\""
                        + " width=\"9\" height=\"9\"><text>&a;</text></svg>";
        assertThrows(Trouble.class, () -> Picture.of("e.svg", inner.getBytes(StandardCharsets.UTF_8)));
        for (String bad : List.of("<svg", "<svg xmlns=\"http://www.w3.org/2000/svg\"><g>")) {
            assertThrows(Trouble.class, () -> Picture.of("b.svg", bad.getBytes(StandardCharsets.UTF_8)), bad);
        }
    }

    @Test
    void aPictureOfThirtyThousandPixelsIsRefusedWithTheLimit() throws IOException {
        BufferedImage wide = new BufferedImage(30_000, 2, BufferedImage.TYPE_BYTE_BINARY);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(wide, "tiff", out);
        Trouble refused = assertThrows(Trouble.class, () -> Picture.of("wide.tif", out.toByteArray()));
        assertTrue(refused.what().contains("30,000") || refused.what().contains("30000"), refused.what());
    }

    @Test
    void aToneTurnsDarkAndLightIntoTwoColours() {
        Tone two = Tone.twoInks(Ink.hex("102030"), Ink.hex("F0E0D0"));
        assertEquals(0x102030, two.of(0x000000));
        assertEquals(0xF0E0D0, two.of(0xFFFFFF));
        assertEquals(0xFFFFFF, two.lightened(1).of(0x123456));
        Tone grey = new Tone(Tone.ToneKind.GREYS, null, null, 0);
        // ITU-R BT.709: red is 0.2126 of the light.
        assertEquals(0x363636, grey.of(0xFF0000));
        assertEquals(0x123456, Tone.AS_IT_IS.of(0x123456));
        assertTrue(Tone.AS_IT_IS.isNone()
                && !grey.isNone()
                && !Tone.AS_IT_IS.lightened(0.2).isNone());
    }

    @Test
    void thePalettePicksOutWhatThereIsMostOf() throws IOException {
        BufferedImage image = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 100; y++) {
            for (int x = 0; x < 100; x++) {
                image.setRGB(x, y, y < 60 ? 0x2060A0 : x < 50 ? 0xF0F0E8 : y < 85 ? 0xE0A030 : 0x202020);
            }
        }
        PictureSwatches found = PictureSwatches.of(image);
        assertTrue(near(found.ground(), 0x2060A0), found.ground().hex());
        assertTrue(
                found.fullest().stream().anyMatch(i -> near(i, 0xE0A030)),
                found.fullest().toString());
        assertTrue(found.lightest().luminance() > 0.8);
        assertTrue(found.darkest().luminance() < 0.05);
        assertEquals(found.inks(), PictureSwatches.of(image).inks());
    }

    private static boolean near(Ink ink, int rgb) {
        int[] c = ink.rgb();
        return Math.abs(c[0] - (rgb >> 16)) < 12
                && Math.abs(c[1] - (rgb >> 8 & 255)) < 12
                && Math.abs(c[2] - (rgb & 255)) < 12;
    }

    @Test
    void whatIsKnownOfAPictureStaysWithIt() throws IOException {
        Picture picture = Picture.of("p.png", file("png"));
        PictureCredit credit = new PictureCredit("a market", "Ada", "fifty copies", Optional.of(50), true);
        Picture known = picture.withCredit(credit);
        assertEquals(credit, known.withFile(known.file()).credit());
        assertTrue(!known.equals(picture));
        assertThrows(Trouble.class, () -> credit.withCopies(Optional.of(0)));
    }
}
