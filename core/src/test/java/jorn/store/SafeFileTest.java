package jorn.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.stream.Stream;
import jorn.measure.Trouble;
import jorn.scratch.Leftovers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** Files are written whole or not at all, and stay what they were: links, names, and who may read them. */
@DisabledOnOs(OS.WINDOWS)
class SafeFileTest {
    @TempDir
    Path folder;

    private static void write(Path file, String words) {
        SafeFile.write(file, out -> out.write(words.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
    }

    private long files() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.count();
        }
    }

    @Test
    void aFileKeepsItsMode() throws IOException {
        Path file = folder.resolve("a.jorn");
        write(file, "one");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw---x"));
        write(file, "two");
        assertEquals("two", Files.readString(file));
        assertEquals("rw-rw---x", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
        assertEquals(1, files(), "nothing is left beside it");
    }

    @Test
    void aSymbolicLinkStaysOneAndWhatItLeadsToIsWritten() throws IOException {
        Path real = Files.createDirectories(folder.resolve("deep")).resolve("real.jorn");
        write(real, "one");
        Path link = Files.createSymbolicLink(folder.resolve("link.jorn"), Path.of("deep", "real.jorn"));
        Path second = Files.createSymbolicLink(folder.resolve("second.jorn"), link);
        write(second, "two");
        assertTrue(Files.isSymbolicLink(link));
        assertTrue(Files.isSymbolicLink(second));
        assertEquals("two", Files.readString(real));
    }

    @Test
    void aLinkToNowhereMakesTheFileThere() throws IOException {
        Path link = Files.createSymbolicLink(folder.resolve("link.jorn"), Path.of("new.jorn"));
        write(link, "one");
        assertTrue(Files.isSymbolicLink(link));
        assertEquals("one", Files.readString(folder.resolve("new.jorn")));
    }

    @Test
    void aFileWithTwoNamesKeepsBoth() throws IOException {
        Path file = folder.resolve("a.jorn");
        write(file, "a long first text");
        Path other = Files.createLink(folder.resolve("b.jorn"), file);
        write(file, "two");
        assertEquals("two", Files.readString(other));
        assertEquals(Files.getAttribute(file, "unix:ino"), Files.getAttribute(other, "unix:ino"));
        assertEquals(2, files(), "nothing is left beside them");
    }

    @Test
    void aNameMayBeAsLongAsTheSystemAllows() throws IOException {
        Path file = folder.resolve("n".repeat(250) + ".jorn");
        write(file, "one");
        assertEquals("one", Files.readString(file));
        Path longer = folder.resolve("n".repeat(256) + ".jorn");
        Trouble t = assertThrows(Trouble.class, () -> write(longer, "one"));
        assertTrue(t.getMessage().contains("longer than this disk takes"), t.getMessage());
    }

    @Test
    void aPipeIsNotWrittenTo() throws Exception {
        Path pipe = folder.resolve("pipe.jorn");
        new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor();
        Trouble t = assertThrows(Trouble.class, () -> write(pipe, "one"));
        assertTrue(t.what().contains("not a plain file"), t.what());
        Trouble r = assertThrows(Trouble.class, () -> BookFile.load(pipe));
        assertTrue(r.what().contains("a device or a pipe"), r.what());
    }

    @Test
    void whatFailsLeavesTheOldFileAndNothingElse() throws IOException {
        Path file = folder.resolve("a.jorn");
        write(file, "one");
        assertThrows(
                Trouble.class,
                () -> SafeFile.write(file, out -> {
                    out.write(1);
                    throw new IOException("No space left on device");
                }));
        assertEquals("one", Files.readString(file));
        assertEquals(1, files());
    }

    @Test
    void leftoversGoButNotWhatIsBeingWritten() throws IOException {
        Path left = Files.writeString(folder.resolve(".jorn-0.part"), "half");
        Path other = Files.writeString(folder.resolve("mine.part"), "mine");
        SafeFile.write(folder.resolve("a.jorn"), out -> {
            out.write(1);
            Leftovers.removeFrom(folder);
            try (Stream<Path> all = Files.list(folder)) {
                assertEquals(
                        1,
                        all.filter(f -> f.getFileName().toString().startsWith(".jorn-"))
                                .count(),
                        "only what is being written now");
            }
        });
        assertFalse(Files.exists(left));
        assertTrue(Files.exists(other));
        Leftovers.removeFrom(folder.resolve("nowhere"));
    }

    /** What a command that was stopped left half written goes with the next that writes there; what is being written stays. */
    @Test
    void leftoversGoWhenSomethingIsWrittenBesideThem() throws IOException {
        Path there = Files.createDirectories(folder.resolve("there"));
        Path old = Files.writeString(there.resolve(".jorn-old.part"), "half");
        Path young = Files.writeString(there.resolve(".jorn-young.part"), "half");
        Path own = Files.writeString(there.resolve("notes.part"), "mine");
        java.nio.file.attribute.FileTime before =
                java.nio.file.attribute.FileTime.from(java.time.Instant.now().minusSeconds(600));
        Files.setLastModifiedTime(old, before);
        Files.setLastModifiedTime(own, before);
        SafeFile.write(there.resolve("hive.jorn"), out -> out.write(1));
        assertFalse(Files.exists(old));
        assertTrue(Files.exists(young));
        assertTrue(Files.exists(own));
    }
}
