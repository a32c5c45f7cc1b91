package jorn.store;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Locale;
import java.util.UUID;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.say.Wording;

/** Writes a file beside its target and moves it into place, so that an interrupted write leaves the old file whole. */
public final class SafeFile {
    /** Writes the content. */
    @FunctionalInterface
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    private SafeFile() {}

    /**
     * Writes a file, making its folder where there is none.
     *
     * @throws Trouble where it cannot be written; the old file, if any, is untouched
     */
    public static void write(Path target, Content content) {
        Path file = target.toAbsolutePath();
        Path beside = null;
        try {
            Files.createDirectories(file.getParent());
            beside = file.resolveSibling("." + file.getFileName() + "-" + UUID.randomUUID() + ".part");
            try (OutputStream out = new BufferedOutputStream(
                    Files.newOutputStream(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE))) {
                content.writeTo(out);
            }
            moveIntoPlace(beside, file);
            beside = null;
        } catch (IOException e) {
            throw refusal(file, e);
        } finally {
            if (beside != null) {
                remove(beside);
            }
        }
    }

    private static void moveIntoPlace(Path beside, Path file) throws IOException {
        try {
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
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
        if (e instanceof java.nio.file.FileAlreadyExistsException || Files.isRegularFile(file.getParent())) {
            return Trouble.because(e, "store.safe-file.file-not-folder", what);
        }
        return Trouble.because(e, Message.plain(what + "."), Message.of("store.safe-file.choose-another-folder-or"));
    }
}
