package jorn.print.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import jorn.measure.Trouble;
import jorn.print.picture.PhotoIntake.TakenPhoto;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Photographs come in the order of their names or of the clock in the camera, with what it noted as a caption. */
class PhotoIntakeTest {
    @TempDir
    Path folder;

    /** A JPEG with an Exif part (Exif 2.32, 4.5 and 4.6): a description and the time when it was taken. */
    private void photo(String name, String description, String taken) throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        image.setRGB(name.hashCode() & 31, 3, 0xFF00FF);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", jpeg);
        byte[] plain = jpeg.toByteArray();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(out);
        data.write(plain, 0, 2);
        byte[] exif = exif(description, taken);
        data.writeShort(0xFFE1);
        data.writeShort(exif.length + 2);
        data.write(exif);
        data.write(plain, 2, plain.length - 2);
        Files.write(folder.resolve(name), out.toByteArray());
    }

    private static byte[] exif(String description, String taken) throws IOException {
        byte[] said = (description + "\0").getBytes(StandardCharsets.US_ASCII);
        byte[] when = (taken + "\0").getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(out);
        data.writeBytes("Exif\0\0");
        data.writeBytes("MM");
        data.writeShort(42);
        data.writeInt(8);
        int texts = 8 + 2 + 2 * 12 + 4;
        int own = texts + said.length + said.length % 2;
        data.writeShort(2);
        data.writeShort(0x010E);
        data.writeShort(2);
        data.writeInt(said.length);
        data.writeInt(texts);
        data.writeShort(0x8769);
        data.writeShort(4);
        data.writeInt(1);
        data.writeInt(own);
        data.writeInt(0);
        data.write(said);
        if (said.length % 2 != 0) {
            data.write(0);
        }
        data.writeShort(1);
        data.writeShort(0x9003);
        data.writeShort(2);
        data.writeInt(when.length);
        data.writeInt(own + 2 + 12 + 4);
        data.writeInt(0);
        data.write(when);
        return out.toByteArray();
    }

    private List<String> captions(boolean byTime) {
        return PhotoIntake.folder(folder, byTime, (name, number, of) -> true).all().stream()
                .map(TakenPhoto::caption)
                .toList();
    }

    @Test
    void namesOrTheCameraSayTheOrder() throws IOException {
        photo("2.jpg", "The first hive", "2026:05:03 14:20:11");
        photo("10.jpg", "Smoke", "2026:05:03 09:02:00");
        ImageIO.write(
                new BufferedImage(30, 30, BufferedImage.TYPE_INT_RGB),
                "png",
                folder.resolve("3_no_camera.png").toFile());
        assertEquals(List.of("The first hive", "3 no camera", "Smoke"), captions(false));
        assertEquals(List.of("Smoke", "The first hive", "3 no camera"), captions(true));
        assertEquals(
                "2026:05:03 09:02:00",
                PhotoIntake.folder(folder, true, (name, number, of) -> true)
                        .all()
                        .get(0)
                        .taken());
    }

    @Test
    void aFolderWithoutPicturesIsRefused() {
        assertThrows(Trouble.class, () -> captions(false));
    }
}
