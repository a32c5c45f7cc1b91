package jorn.scratch;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;

/** What a program that was stopped in the middle leaves behind: half-written files. Those still being written are locked. */
public final class Leftovers {
    /** How the names of half-written files begin. */
    public static final String PREFIX = ".jorn-";
    /** How they end. */
    public static final String ENDING = ".part";

    private static final int YOUNG_SECONDS = 60;
    private static final Set<Path> SEEN = ConcurrentHashMap.newKeySet();

    private static final Logger LOG = Logger.getLogger(Leftovers.class.getName());

    private Leftovers() {}

    /** Removes half-written files from a folder, but for those that somebody is writing now. */
    public static void removeFrom(Path folder) {
        removeFrom(folder, f -> true);
    }

    /**
     * The same, the first time that something is written into a folder. One that is a minute old at most is let be: somebody may have made it and not
     * locked it yet.
     */
    public static void removeOnceFrom(Path folder) {
        if (SEEN.add(folder)) {
            removeFrom(folder, Leftovers::isOld);
        }
    }

    private static boolean isOld(Path file) {
        try {
            Instant young = Instant.now().minusSeconds(YOUNG_SECONDS);
            return Files.getLastModifiedTime(file).toInstant().isBefore(young);
        } catch (IOException e) {
            LOG.log(Level.FINE, "Somebody has taken it away.", e);
            return false;
        }
    }

    private static void removeFrom(Path folder, Predicate<Path> which) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(Leftovers::isHalf)
                    .filter(Files::isRegularFile)
                    .filter(which)
                    .forEach(Leftovers::remove);
        } catch (IOException | java.io.UncheckedIOException e) {
            LOG.log(Level.FINE, "A folder could not be looked through.", e);
        }
    }

    private static boolean isHalf(Path file) {
        String name = String.valueOf(file.getFileName());
        return name.startsWith(PREFIX) && name.endsWith(ENDING);
    }

    private static void remove(Path file) {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock()) {
            if (free != null) {
                Files.delete(file);
            }
        } catch (OverlappingFileLockException e) {
            LOG.log(Level.FINE, "This program writes it itself.", e);
        } catch (IOException e) {
            LOG.log(Level.FINE, "A half-written file could not be removed.", e);
        }
    }
}
