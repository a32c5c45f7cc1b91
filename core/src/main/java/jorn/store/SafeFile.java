package jorn.store;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.scratch.Leftovers;

/**
 * Writes a file beside its target and moves it into place, so that an interrupted write leaves the old file whole.
 *
 * <p>What was written is on the disk before the old file goes, and the folder's entry after it (POSIX {@code fsync}, {@code
 * rename}). Links are written through: a symbolic link stays one, and a file with more than one name keeps them all, so that it
 * alone is written over where it stands, after its whole new content lies beside it.
 */
public final class SafeFile {
    private static final int MOST_LINKS = 40;
    private static final int BUFFER = 1 << 16;

    /** Writes the content. */
    @FunctionalInterface
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    private SafeFile() {}

    /**
     * Takes a file away; nothing happens where there is none.
     *
     * @throws Trouble where it cannot be taken away
     */
    public static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw Trouble.because(e, "store.safe-file.cannot-delete", file.getFileName());
        }
    }

    /**
     * Writes a file, making its folder where there is none.
     *
     * @throws Trouble where it cannot be written; the old file, if any, is untouched
     */
    public static void write(Path target, Content content) {
        write(target, content, false);
    }

    /** As {@link #write}; nobody but the owner reads the file, or enters its folder. */
    static void writeOwn(Path target, Content content) {
        write(target, content, true);
    }

    private static void write(Path target, Content content, boolean own) {
        Path beside = null;
        Path named = target.toAbsolutePath();
        try {
            Path file = throughLinks(named);
            if (own) {
                OwnFolder.made(folder(file));
            } else {
                Files.createDirectories(folder(file));
            }
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                throw Trouble.of("store.safe-file.no-plain-file", named.getFileName());
            }
            Leftovers.removeOnceFrom(folder(file));
            // A name of its own, not one made of the target's: that may be as long as names can be.
            beside = file.resolveSibling(Leftovers.PREFIX + UUID.randomUUID() + Leftovers.ENDING);
            writeBeside(beside, file, content, own);
            if (hasOtherNames(file)) {
                beside = overwrite(file, beside);
            } else {
                moveIntoPlace(beside, file);
                beside = null;
            }
            forceFolder(folder(file));
        } catch (IOException e) {
            throw refusal(named, e);
        } finally {
            if (beside != null) {
                remove(beside);
            }
        }
    }

    static Path folder(Path file) throws IOException {
        Path folder = file.getParent();
        if (folder == null) {
            throw new IOException("no folder");
        }
        return folder;
    }

    /** The file that a name stands for, also where that file is not there yet. */
    private static Path throughLinks(Path named) throws IOException {
        Path file = named;
        for (int i = 0; i < MOST_LINKS && Files.isSymbolicLink(file); i++) {
            file = file.resolveSibling(Files.readSymbolicLink(file));
        }
        return file;
    }

    private static void writeBeside(Path beside, Path file, Content content, boolean own) throws IOException {
        try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            if (own) {
                OwnFolder.close(beside);
            }
            // Held while it is written, so that nobody takes it for a leftover.
            FileLock held = channel.tryLock();
            OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), BUFFER);
            content.writeTo(out);
            out.flush();
            if (!own) {
                keepMode(file, beside);
            }
            channel.force(true);
            if (held != null) {
                held.release();
            }
        }
        forceFolder(folder(beside));
    }

    /** Who may read and write the old file may read and write the new one. */
    private static void keepMode(Path old, Path now) throws IOException {
        PosixFileAttributeView to = Files.getFileAttributeView(now, PosixFileAttributeView.class);
        if (to != null && Files.exists(old)) {
            to.setPermissions(Files.getPosixFilePermissions(old));
        }
    }

    private static boolean hasOtherNames(Path file) throws IOException {
        return Files.exists(file)
                && file.getFileSystem().supportedFileAttributeViews().contains("unix")
                && (int) Files.getAttribute(file, "unix:nlink") > 1;
    }

    /**
     * Writes over a file where it stands.
     *
     * @return what is left beside it; while it is written over, that has a name that nobody tidies away
     */
    private static Path overwrite(Path file, Path beside) throws IOException {
        Path whole = beside.resolveSibling(Leftovers.PREFIX + UUID.randomUUID() + ".whole");
        Files.move(beside, whole, StandardCopyOption.ATOMIC_MOVE);
        try (FileChannel from = FileChannel.open(whole, StandardOpenOption.READ);
                FileChannel to = FileChannel.open(file, StandardOpenOption.WRITE)) {
            ByteBuffer buffer = ByteBuffer.allocate(BUFFER);
            while (from.read(buffer) >= 0) {
                buffer.flip();
                while (buffer.hasRemaining()) {
                    to.write(buffer);
                }
                buffer.clear();
            }
            to.truncate(from.size());
            to.force(true);
        }
        return whole;
    }

    private static void moveIntoPlace(Path beside, Path file) throws IOException {
        try {
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Sees that a folder's entries are on the disk; systems that cannot open a folder do it themselves. */
    private static void forceFolder(Path folder) throws IOException {
        if (!folder.getFileSystem().supportedFileAttributeViews().contains("unix")) {
            return;
        }
        try (FileChannel entries = FileChannel.open(folder, Set.of(StandardOpenOption.READ))) {
            entries.force(true);
        } catch (AccessDeniedException e) {
            // A folder that may be written to but not read: the system writes its entries in its own time.
            return;
        }
    }

    private static void remove(Path beside) {
        try {
            Files.deleteIfExists(beside);
        } catch (IOException e) {
            beside.toFile().deleteOnExit();
        }
    }

    /** Says in plain words why a file could not be written. */
    static Trouble refusal(Path file, IOException e) {
        String what = Wording.of("store.safe-file.could-not-written", file.getFileName(), file.getParent());
        String reason = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
        if (reason.contains("no space") || reason.contains("quota")) {
            return Trouble.because(e, "store.safe-file.disk-full", what);
        }
        if (e instanceof AccessDeniedException || reason.contains("denied") || reason.contains("read-only")) {
            return Trouble.because(e, "store.safe-file.you-may-not-write", what);
        }
        if (reason.contains("name too long")) {
            return Trouble.because(e, "store.safe-file.name-too-long", what);
        }
        Path folder = file.getParent();
        if (e instanceof java.nio.file.FileAlreadyExistsException || (folder != null && Files.isRegularFile(folder))) {
            return Trouble.because(e, "store.safe-file.file-not-folder", what);
        }
        return Trouble.because(e, Message.plain(what + "."), Message.of("store.safe-file.choose-another-folder-or"));
    }
}
