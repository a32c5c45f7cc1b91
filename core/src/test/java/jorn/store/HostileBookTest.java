package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import jorn.art.Picture;
import jorn.art.PictureFile;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Book files that mean no good, or have suffered. */
class HostileBookTest {
    @TempDir
    Path folder;

    private final Picture picture = picture();
    private final Book book = EarlierBooks.notebook().with(picture);

    private static Picture picture() {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", png);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return Picture.of("hive.png", png.toByteArray());
    }

    private interface Asset {
        void write(OutputStream out) throws IOException;
    }

    /** The book with another file for its picture, and so many entries of nothing but zeros. */
    private Path forged(Asset asset, int zeros, long each) throws IOException {
        Path whole = folder.resolve("whole.jorn");
        BookFile.save(book, whole);
        Path forged = folder.resolve("forged.jorn");
        try (ZipFile from = new ZipFile(whole.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(forged))) {
            to.putNextEntry(new ZipEntry("book.json"));
            try (InputStream in = from.getInputStream(from.getEntry("book.json"))) {
                in.transferTo(to);
            }
            to.putNextEntry(new ZipEntry("assets/" + picture.id()));
            asset.write(to);
            to.setLevel(java.util.zip.Deflater.BEST_SPEED);
            byte[] nothing = new byte[1 << 20];
            for (int i = 0; i < zeros; i++) {
                to.putNextEntry(new ZipEntry("assets/" + i));
                for (long n = 0; n < each; n += nothing.length) {
                    to.write(nothing);
                }
            }
        }
        return forged;
    }

    @Test
    void aFileThatUnpacksToFarMoreThanABookIsRefusedAtOnce() throws IOException {
        Path file = forged(out -> out.write(picture.file().bytes()), 11, 100L << 20);
        assertTrue(Files.size(file) < 12_000_000, "it is small itself");
        Trouble t = assertTimeoutPreemptively(
                Duration.ofSeconds(2), () -> assertThrows(Trouble.class, () -> BookFile.load(file)));
        assertTrue(t.what().contains("would unpack to more than 1 GB"), t.what());
    }

    @Test
    void aPictureThatIsCutIsSaidAndTheBookOpens() throws IOException {
        byte[] whole = picture.file().bytes();
        Path file = forged(out -> out.write(whole, 0, whole.length - 20), 0, 0);
        Picture read = BookFile.load(file).pictures().get(picture.id());
        assertEquals(Optional.of(PictureFile.Harm.CHANGED), read.file().harm());
        assertEquals(whole.length - 20, read.file().length());
    }

    @Test
    void aPictureWhosePackingIsDamagedIsKeptAsFarAsItCanBeRead() throws IOException {
        Path file = forged(out -> out.write(picture.file().bytes()), 0, 0);
        byte[] bytes = Files.readAllBytes(file);
        int at = new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1).indexOf("assets/" + picture.id()) + 60;
        java.util.Arrays.fill(bytes, at, at + 12, (byte) 0xFF);
        Files.write(file, bytes);
        Picture read = BookFile.load(file).pictures().get(picture.id());
        assertTrue(read.isMissing() || read.file().harm().isPresent(), "it is not taken for whole");
    }

    @Test
    void aSavedPictureIsReadWholeAndStaysSo() throws IOException {
        Path file = folder.resolve("a.jorn");
        FileStamp written = BookFile.save(book, file);
        assertEquals(FileStamp.of(file), written);
        BookFile.ReadBook read = BookFile.open(file);
        assertEquals(written, read.stamp());
        assertEquals(
                Optional.empty(),
                read.book().pictures().get(picture.id()).file().harm());
        FileStamp again = BookFile.save(read.book().withTitle("Two"), file);
        assertTrue(!again.equals(written));
        assertEquals(FileStamp.NONE, FileStamp.of(folder.resolve("none.jorn")));
    }
}
