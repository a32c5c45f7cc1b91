package jorn.print.pdf;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.print.Poppler;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Only the pixels that are seen leave the house; got back from the file by poppler. */
class OnlyWhatIsSeenTest {
    private static final Box TRIM = new Box(0, 0, 200, 100);

    @TempDir
    Path folder;

    private static byte[] stripes(String kind) throws IOException {
        BufferedImage image = new BufferedImage(300, 300, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 300; x++) {
                image.setRGB(x, y, x < 100 ? 0xC02020 : x < 200 ? 0x20A020 : 0x2020C0);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, kind, out);
        return out.toByteArray();
    }

    private Path written(Picture picture, Box from) throws IOException {
        Path file = folder.resolve("seen.pdf");
        try (PdfSink sink = new PdfSink("Hive Notes", "");
                OutputStream out = Files.newOutputStream(file)) {
            sink.add(new PageArt(TRIM, TRIM, List.of(new Mark.Image(picture, from, new Box(20, 10, 80, 80), 1))));
            sink.writeTo(out);
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource({"png", "jpeg"})
    void aCutPictureIsCutInTheFileToo(String kind) throws IOException {
        Path file = written(Picture.of("stripes." + kind, stripes(kind)), new Box(110.5, 0, 80, 300));
        String[] line = Poppler.run("pdfimages", "-list", file.toString())
                .split("\n")[2]
                .strip()
                .split("\\s+");
        assertEquals("81", line[3], "whole pixels of which a part is seen");
        assertEquals("300", line[4]);
        BufferedImage page = Poppler.picture(file, 1, 72);
        int shown = page.getRGB(60, 50);
        assertTrue((shown >> 8 & 255) > 140 && (shown & 255) < 70, Integer.toHexString(shown));
        assertEquals(0xFFFFFF, page.getRGB(110, 50) & 0xFFFFFF, "nothing beside the frame");
    }

    @Test
    void whatACameraNotedIsNotInTheFile() throws IOException {
        byte[] plain = stripes("jpeg");
        byte[] note = "Exif\0\0taken by Ada Comb at 54.32N".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xEC, 0, (byte) (note.length + 2)});
        out.write(note);
        out.write(plain, 2, plain.length - 2);
        Path file = written(Picture.of("stripes.jpg", out.toByteArray()), new Box(0, 0, 300, 300));
        assertFalse(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1).contains("Ada Comb"));
        assertTrue(
                Poppler.run("pdfimages", "-list", file.toString()).contains("jpeg"),
                "the pixels are as they were coded");
    }
}
