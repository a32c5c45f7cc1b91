package jorn.scratch;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.UUID;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import jorn.measure.Trouble;
import org.jspecify.annotations.Nullable;

/**
 * A folder of this program's own among the machine's temporary files, gone when the program ends. It is locked for so long, so
 * that the next program to start tells what another left behind when it was stopped from what another still uses.
 */
public final class Scratch {
    private static final Logger LOG = Logger.getLogger(Scratch.class.getName());
    private static final String PREFIX = "jorn-scratch-";
    private static final String LOCK = "in-use";

    private static @Nullable Path folder;

    /** Held until the program ends: the lock goes with its channel. */
    @SuppressWarnings("unused")
    private static @Nullable FileChannel held;

    private Scratch() {}

    /**
     * A name for a new file.
     *
     * @throws Trouble where the machine's temporary folder cannot be written to
     */
    public static synchronized Path newFile() {
        if (folder == null || !Files.isDirectory(folder)) {
            folder = open(place());
        }
        return folder.resolve(UUID.randomUUID().toString());
    }

    /** Where the machine keeps temporary files. */
    public static Path place() {
        return Path.of(System.getProperty("java.io.tmpdir"));
    }

    /** That temporary files cannot be written, in words. */
    public static Trouble noRoom(IOException e) {
        return Trouble.because(e, "scratch.scratch.no-room", place());
    }

    private static Path open(Path place) {
        removeAbandoned(place);
        try {
            Path now = Files.createTempDirectory(place, PREFIX);
            FileChannel channel =
                    FileChannel.open(now.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            channel.lock();
            held = channel;
            Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(now), "tidy up"));
            return now;
        } catch (IOException e) {
            throw noRoom(e);
        }
    }

    /** Removes the folders of programs that were stopped. */
    static void removeAbandoned(Path place) {
        try (Stream<Path> all = Files.list(place)) {
            all.filter(f -> String.valueOf(f.getFileName()).startsWith(PREFIX))
                    .filter(Scratch::isAbandoned)
                    .forEach(Scratch::remove);
        } catch (IOException | java.io.UncheckedIOException e) {
            LOG.log(Level.FINE, "The temporary folder could not be looked through.", e);
        }
    }

    private static boolean isAbandoned(Path folder) {
        Path lock = folder.resolve(LOCK);
        if (!Files.isRegularFile(lock)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock()) {
            return free != null;
        } catch (IOException | OverlappingFileLockException e) {
            LOG.log(Level.FINE, "A temporary folder is somebody's.", e);
            return false;
        }
    }

    private static void remove(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        } catch (IOException | java.io.UncheckedIOException e) {
            LOG.log(Level.FINE, "A temporary folder could not be removed.", e);
        }
    }
}
