package jorn.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.ZipFile;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.text.OwnFaces;
import jorn.text.TypeShelf;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A typeface that the user brings in: what it says of itself decides (OpenType specification, OS/2 table, fsType). */
class OwnFacesTest {
    @TempDir
    Path folder;

    private static byte[] face() {
        return TypeShelf.typeface("poiret-one").regular().bytes().clone();
    }

    /** The same file with another word on embedding. */
    private static byte[] saying(int fsType) {
        byte[] bytes = face();
        ByteBuffer in = ByteBuffer.wrap(bytes);
        for (int i = 0; i < in.getShort(4); i++) {
            int at = 12 + 16 * i;
            if (in.getInt(at) == 0x4F532F32) {
                in.putShort(in.getInt(at + 8) + 8, (short) fsType);
            }
        }
        return bytes;
    }

    private static String refusal(byte[] bytes) {
        return assertThrows(Trouble.class, () -> OwnFaces.add("f.ttf", bytes)).what();
    }

    @Test
    void whatTheFaceItselfForbidsIsRefused() {
        assertTrue(refusal(saying(2)).contains("must not be embedded"));
        assertTrue(refusal(saying(0x100)).contains("only as a whole"));
        assertTrue(refusal(saying(0x200)).contains("must not be embedded"));
        // Print and preview, and editable, are enough for print.
        assertEquals("Poiret One", OwnFaces.add("f.ttf", saying(4)).name().replace(" Regular", ""));
        OwnFaces.add("f.ttf", saying(8));
    }

    @Test
    void whatIsNoTrueTypeFaceIsRefused() {
        byte[] cff = face();
        ByteBuffer.wrap(cff).putInt(0, 0x4F54544F);
        assertTrue(refusal(cff).contains("PostScript"));
        assertTrue(refusal(new byte[64]).contains("not a TrueType"));
        assertTrue(refusal(new byte[3]).contains("damaged"));
        assertTrue(refusal(Arrays.copyOf(face(), 300)).contains("damaged"));
    }

    @Test
    void aBookCarriesTheFaceThatItNames() throws IOException {
        Typeface own = OwnFaces.add("mine.ttf", face());
        Book book = Starter.NOTEBOOK.begin().withTitle("Bees");
        Book mine = book.withType(book.type().withHeading(own.id()));
        Path file = folder.resolve("mine.jorn");
        BookFile.save(mine, file);
        try (ZipFile zip = new ZipFile(file.toFile());
                var in = zip.getInputStream(zip.getEntry("fonts/" + own.id() + ".ttf"))) {
            assertArrayEquals(face(), in.readAllBytes());
        }
        assertEquals(mine, BookFile.load(file));
        assertTrue(Edition.of(mine).cover().plane().marks().toString().contains(own.id() + "-regular"));
    }

    @Test
    void aBookWhoseFaceNobodyHasIsReadAllTheSame() {
        Typeface missing = TypeShelf.typeface("own-000000000000");
        assertEquals("Missing typeface", missing.name());
        assertEquals(TypeShelf.typeface("work-sans").face(Style.BOLD), missing.face(Style.BOLD));
        Book book = Starter.NOTEBOOK.begin().withTitle("Bees");
        assertTrue(Edition.of(book.withType(book.type().withHeading("own-000000000000")))
                        .cover()
                        .plane()
                        .marks()
                        .size()
                > 1);
    }

    @Test
    void facesInTheFolderAreThereTheNextTime() throws IOException {
        byte[] other = saying(8);
        Files.write(folder.resolve("a.ttf"), other);
        Files.write(folder.resolve("broken.ttf"), new byte[] {1, 2, 3});
        OwnFaces.from(folder);
        OwnFaces.from(folder.resolve("not-there"));
        String id = OwnFaces.add("again.ttf", other).id();
        assertTrue(TypeShelf.typefaces().stream().anyMatch(t -> t.id().equals(id)));
    }
}
