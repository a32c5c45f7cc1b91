package jorn.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import jorn.art.BareJpeg;
import jorn.art.Marks;
import jorn.art.Picture;
import jorn.art.PictureDecoder;
import jorn.block.picture.PictureBlock;
import jorn.book.Book;
import jorn.book.EarlierBooks;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.edition.Edition;
import jorn.layout.Part;
import jorn.layout.Stack;
import jorn.measure.Length;
import jorn.recipe.Recipe;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is given away shows what was seen, and cannot be made to show more. */
class GivenAwayTest {
    private static final String PLACE = "54.32N 10.12E, taken by Ada Comb";

    @TempDir
    Path folder;

    /** A photograph, red above and blue below, with a camera's note in a segment of its own and something behind its end. */
    static byte[] photograph() throws IOException {
        BufferedImage image = new BufferedImage(600, 600, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 600; y++) {
            for (int x = 0; x < 600; x++) {
                image.setRGB(x, y, y < 200 ? 0xC02020 : y < 400 ? 0x20A020 : 0x2020C0);
            }
        }
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", plain);
        byte[] note = ("Exif\0\0" + PLACE).getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain.toByteArray(), 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xEC, 0, (byte) (note.length + 2)});
        out.write(note);
        out.write(plain.toByteArray(), 2, plain.size() - 2);
        out.write(PLACE.getBytes(StandardCharsets.ISO_8859_1));
        return out.toByteArray();
    }

    private static boolean holds(byte[] bytes, String words) {
        return new String(bytes, StandardCharsets.ISO_8859_1).contains(words);
    }

    /** A page with the middle third of the photograph, three times as wide as high. */
    private static Book book() throws IOException {
        Picture picture = Picture.of("meadow.jpg", photograph());
        PictureBlock block = new PictureBlock(picture.id(), PictureBlock.Fit.FILL, Length.inches(1), 1.0);
        Recipe recipe = new Recipe("own", "Own", Stack.down(Part.fixed(Length.inches(1), block)));
        Book book = EarlierBooks.linedJournal().withTitle("Hive Notes");
        return book.withRuns(List.of(Run.of("One", recipe, 24, Start.ANYWHERE)))
                .withPlans(book.plans().withPrice("us", Optional.of(9.99)))
                .with(picture);
    }

    @Test
    void aJpegLosesItsNotesAndWhatHangsBehindItAndKeepsEveryPixel() throws IOException {
        byte[] file = photograph();
        assertFalse(Arrays.equals(file, BareJpeg.of(file).orElseThrow()), "something is noted in it");
        byte[] bare = BareJpeg.of(file).orElseThrow();
        assertFalse(holds(bare, "Ada Comb"));
        BufferedImage before = PictureDecoder.read(Picture.of("a", file), 1);
        BufferedImage after = PictureDecoder.read(Picture.of("b", bare), 1);
        for (int i = 0; i < 600; i += 7) {
            assertEquals(before.getRGB(i, i), after.getRGB(i, i));
        }
        assertArrayEquals(bare, BareJpeg.of(bare).orElseThrow(), "there is nothing left to take away");
        assertTrue(BareJpeg.of(new byte[] {1, 2, 3, 4}).isEmpty());
        assertTrue(BareJpeg.of(Arrays.copyOf(file, 90)).isEmpty());
    }

    @Test
    void theBookThatIsGivenAwayHasOnlyTheSeenPixelsAndNoPrices() throws IOException {
        Book book = book();
        Book given = GivenAway.of(Edition.of(book));
        Path file = folder.resolve("given.jorn");
        BookFile.save(given, file);
        byte[] bytes = Files.readAllBytes(file);
        assertFalse(holds(bytes, "Ada Comb"), "the place is planted in the file");
        assertFalse(holds(bytes, book.pictures().keySet().iterator().next()), "the old picture's name");
        Book read = BookFile.load(file);
        assertTrue(read.plans().prices().isEmpty());
        Picture bare = read.pictures().values().iterator().next();
        BufferedImage pixels = PictureDecoder.read(bare, 1);
        assertEquals(0xFFFFFF, pixels.getRGB(300, 60) & 0xFFFFFF, "above what is seen");
        assertEquals(0xFFFFFF, pixels.getRGB(300, 540) & 0xFFFFFF, "below what is seen");
        int green = pixels.getRGB(300, 300);
        assertTrue((green >> 8 & 255) > 140 && (green & 255) < 60, Integer.toHexString(green));
        // The page is the same but for the picture's name.
        assertEquals(
                Marks.standing(Edition.of(book).page(3).marks()).get(0).bounds(),
                Marks.standing(Edition.of(read).page(3).marks()).get(0).bounds());
    }

    @Test
    void aPictureThatStandsNowhereStaysAtHome() throws IOException {
        Book book = EarlierBooks.linedJournal().with(Picture.of("meadow.jpg", photograph()));
        assertTrue(GivenAway.of(Edition.of(book)).pictures().isEmpty());
    }
}
