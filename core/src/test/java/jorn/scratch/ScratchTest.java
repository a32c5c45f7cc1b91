package jorn.scratch;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Temporary files are this program's own, and go with it or with the next one. */
class ScratchTest {
    @TempDir
    Path folder;

    private static byte[] bytes(int n) {
        byte[] all = new byte[n];
        new java.util.Random(n).nextBytes(all);
        return all;
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 65_535, 65_536, 65_537, 400_000})
    void bytesComeBackAsTheyWere(int n) throws IOException {
        byte[] all = bytes(n);
        Blob blob = Blob.of(all);
        assertEquals(n, blob.length());
        assertEquals(n == 0, blob.isEmpty());
        assertArrayEquals(all, blob.bytes());
        try (InputStream in = blob.open()) {
            assertArrayEquals(all, in.readAllBytes());
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {100, 65_536, 100_000})
    void aStreamThatIsTooLongIsReadOneByteTooFar(int most) throws IOException {
        assertEquals(
                most + 1,
                Blob.of(new ByteArrayInputStream(bytes(300_000)), most).length());
        assertEquals(most, Blob.of(new ByteArrayInputStream(bytes(most)), most).length());
    }

    @Test
    void eachFileHasANameOfItsOwn() {
        assertNotEquals(Scratch.newFile(), Scratch.newFile());
        assertTrue(Scratch.newFile().startsWith(Scratch.place()));
    }

    @Test
    void foldersOfStoppedProgramsGoAndThoseOfRunningOnesStay() throws IOException {
        Path stopped = Files.createDirectory(folder.resolve("jorn-scratch-stopped"));
        Files.writeString(stopped.resolve("in-use"), "");
        Files.writeString(stopped.resolve("font"), "x");
        Path starting = Files.createDirectory(folder.resolve("jorn-scratch-starting"));
        Path running = Files.createDirectory(folder.resolve("jorn-scratch-running"));
        Path others = Files.createDirectory(folder.resolve("another"));
        Files.writeString(others.resolve("in-use"), "");
        try (FileChannel channel =
                FileChannel.open(running.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            channel.lock();
            Scratch.removeAbandoned(folder);
            assertTrue(Files.exists(running));
        }
        assertFalse(Files.exists(stopped));
        assertTrue(Files.exists(starting), "it has not locked its folder yet");
        assertTrue(Files.exists(others));
        Scratch.removeAbandoned(folder.resolve("nowhere"));
    }
}
