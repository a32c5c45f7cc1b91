package jorn.measure;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** Files that are read whole because they are never large: what is larger, or no plain file, is refused before it is read. */
public final class SmallFile {
    private static final long MEGABYTE = 1_000_000;

    private SmallFile() {}

    /**
     * Reads a file.
     *
     * @param megabytes how large it may be
     * @throws Trouble where it is larger, is a folder, a device or a pipe, or cannot be read
     */
    public static byte[] read(Path file, int megabytes) {
        Object name = file.getFileName();
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw Trouble.of("measure.small-file.no-plain-file", name);
        }
        long most = megabytes * MEGABYTE;
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes((int) most + 1);
            if (bytes.length > most) {
                throw Trouble.of("measure.small-file.too-large", name, megabytes);
            }
            return bytes;
        } catch (java.nio.file.NoSuchFileException e) {
            throw Trouble.because(e, "measure.small-file.not-there", name);
        } catch (IOException e) {
            throw Trouble.because(e, "measure.small-file.cannot-read", name);
        }
    }
}
