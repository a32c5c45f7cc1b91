package jorn.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.book.History;
import jorn.json.Json;
import jorn.measure.Trouble;

/** Where one window keeps its work on one book until it is saved. Locked as long as the window has the book. */
public final class UnsavedWork {
    private static final Logger LOG = Logger.getLogger(UnsavedWork.class.getName());
    private static final String LOCK = ".lock";

    private final KeptBook book;
    private final Path file;
    private final FileChannel channel;

    private UnsavedWork(KeptBook book, Path file, FileChannel channel) {
        this.book = book;
        this.file = file;
        this.channel = channel;
    }

    private static Path lockOf(Path file) {
        return file.resolveSibling(file.getFileName() + LOCK);
    }

    /** The lock goes with the channel, which is held on to. */
    static UnsavedWork open(KeptBook book, Path file) {
        try {
            OwnFolder.made(SafeFile.folder(file));
            FileChannel channel = FileChannel.open(lockOf(file), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            OwnFolder.close(lockOf(file));
            if (!isLocked(channel)) {
                channel.close();
                throw Trouble.of("store.unsaved-work.elsewhere");
            }
            return new UnsavedWork(book, file, channel);
        } catch (IOException e) {
            throw SafeFile.refusal(file, e);
        }
    }

    private static boolean isLocked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock() != null;
        } catch (OverlappingFileLockException e) {
            // Another window of this program has it.
            return false;
        }
    }

    static boolean isHeld(Path file) {
        return isHeldLock(lockOf(file));
    }

    static boolean isHeldLock(Path lock) {
        if (!lock.toString().endsWith(LOCK) || !Files.exists(lock)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock()) {
            return free == null;
        } catch (OverlappingFileLockException e) {
            return true;
        } catch (IOException e) {
            LOG.log(Level.FINE, "A lock cannot be looked at.", e);
            return true;
        }
    }

    /**
     * Keeps the work as it is now, with the steps that led to it.
     *
     * @throws Trouble where it cannot be kept: the disk is full, the folder not to be written to
     */
    public void keep(History steps, Waiting.Whereabouts place) {
        book.alone(() -> {
            Waiting.State state = new Waiting.State(
                    steps.now().shownTitle(),
                    Instant.now().toEpochMilli(),
                    place,
                    book.keep(steps.now()),
                    steps.past().stream().map(book::keep).toList(),
                    steps.future().stream().map(book::keep).toList());
            byte[] json = Json.write(state);
            SafeFile.writeOwn(file, out -> out.write(json));
            return state;
        });
    }

    /** What was kept is saved, or given up. */
    public void forget() {
        book.alone(() -> {
            try {
                Files.deleteIfExists(file);
            } catch (IOException e) {
                throw SafeFile.refusal(file, e);
            }
            book.tidy();
            return file;
        });
    }

    /** The window has the book no longer; what is kept waits for another. */
    public void letGo() {
        try {
            channel.close();
            Files.deleteIfExists(lockOf(file));
        } catch (IOException e) {
            LOG.log(Level.FINE, "A lock cannot be removed; it is held by nobody.", e);
        }
    }
}
