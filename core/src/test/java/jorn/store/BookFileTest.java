package jorn.store;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jorn.art.Ink;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.measure.Length;
import jorn.measure.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class BookFileTest {
    @TempDir
    Path folder;

    private Book rich(Starter starter) {
        Book book = starter.begin()
                .withTitle("Hive “Notes” & más 蜂")
                .withSubtitle("Sub")
                .withAuthor("Skep & Sedge");
        return book.withMargins(book.margins().withGutter(Optional.of(Length.mm(17.3))))
                .withCover(book.cover().withGround(Ink.hex("2F5D50")).withBlurb("Two\n\nlines"))
                .withRuns(book.runs().stream()
                        .map(r -> r.withRecipe(
                                r.recipe().withRuling(Ruling.customary().withSpacing(Length.inches(0.3)))))
                        .toList());
    }

    @ParameterizedTest
    @EnumSource(Starter.class)
    void aBookSurvivesSavingAndLoading(Starter starter) {
        Path file = folder.resolve("a.jorn");
        Book book = rich(starter);
        BookFile.save(book, file);
        assertEquals(book, BookFile.load(file));
    }

    @Test
    void theFileIsAZipOfBookJsonAndAssets() throws IOException {
        Path file = folder.resolve("a.jorn");
        BookFile.save(rich(Starter.LINED_JOURNAL), file);
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertTrue(zip.getEntry("book.json") != null);
            assertTrue(zip.getEntry("assets/") != null);
        }
    }

    @Test
    void aTruncatedFileIsToldAndLeftAlone() throws IOException {
        Path file = folder.resolve("a.jorn");
        BookFile.save(rich(Starter.LINED_JOURNAL), file);
        byte[] whole = Files.readAllBytes(file);
        byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);
        Files.write(file, half);
        assertTrue(refused(file).contains("is damaged"));
        assertArrayEquals(half, Files.readAllBytes(file));
    }

    @Test
    void whatIsNoZipIsNoBook() throws IOException {
        assertTrue(refused(Files.writeString(folder.resolve("a.jorn"), "Dear diary"))
                .contains("is not a Jorn book"));
        assertTrue(refused(Files.createFile(folder.resolve("b.jorn"))).contains("is empty"));
        assertTrue(refused(folder.resolve("none.jorn")).contains("There is no file"));
        assertTrue(refused(folder).contains("is a folder"));
    }

    @Test
    void aZipWithoutABookIsNoBook() throws IOException {
        assertTrue(refused(zip("readme.txt", "hello")).contains("holds no book.json"));
    }

    @Test
    void aNewerFormatIsToldBeforeAnythingElse() throws IOException {
        String said = refused(zip("book.json", "{\"format\": 7, \"something\": \"new\"}"));
        assertTrue(said.contains("newer Jorn (format 7"), said);
    }

    @ParameterizedTest
    @ValueSource(strings = {"../evil.txt", "assets/../../evil.txt", "/etc/evil", "C:/evil", "..\\evil", "assets/.."})
    void pathsThatClimbOutAreRefused(String path) throws IOException {
        assertTrue(refused(zip(path, "x")).contains("leads out of it"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "not json",
                "[]",
                "null",
                "{}",
                "{\"format\":1}",
                "{\"format\":1,\"book\":{}}",
                "{\"format\":1,\"book\":null}"
            })
    void aBookThatIsNoBookIsToldInWords(String json) throws IOException {
        String said = refused(zip("book.json", json));
        assertFalse(said.contains("jorn.book") || said.contains("Exception"), said);
    }

    @Test
    void aFullDiskLeavesTheOldFileWhole() throws IOException {
        Path file = Files.writeString(folder.resolve("a.txt"), "old");
        Trouble t = assertThrows(
                Trouble.class,
                () -> SafeFile.write(file, out -> {
                    out.write("new".getBytes(StandardCharsets.UTF_8));
                    throw new IOException("No space left on device");
                }));
        assertTrue(t.what().contains("the disk is full"), t.what());
        assertEquals("old", Files.readString(file));
        try (var left = Files.list(folder)) {
            assertEquals(1, left.count(), "no half-written file stays behind");
        }
    }

    @Test
    void aFolderThatIsAFileIsTold() throws IOException {
        Path file = Files.writeString(folder.resolve("a.txt"), "x");
        Trouble t = assertThrows(Trouble.class, () -> BookFile.save(rich(Starter.NOTEBOOK), file.resolve("b.jorn")));
        assertTrue(t.what().contains("not a folder"), t.what());
    }

    @Test
    void aPlaceThatCannotBeWrittenToIsTold() {
        Trouble t =
                assertThrows(Trouble.class, () -> BookFile.save(rich(Starter.NOTEBOOK), Path.of("/proc/jorn/b.jorn")));
        assertTrue(t.what().contains("b.jorn could not be written"), t.what());
    }

    private String refused(Path file) {
        return assertThrows(Trouble.class, () -> BookFile.load(file)).getMessage();
    }

    private Path zip(String entry, String content) throws IOException {
        Path file = folder.resolve("made.jorn");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(content.getBytes(StandardCharsets.UTF_8));
        }
        return file;
    }
}
