package jorn.store;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32C;
import jorn.measure.Trouble;

/**
 * By which it is told whether a file is still what it was: its length and its checksum (CRC-32C, RFC 3720, appendix B.4). It guards
 * against other programs and windows, not against those who mean to deceive.
 *
 * @param length in bytes; -1 where there is no file
 * @param sum the checksum
 */
public record FileStamp(long length, long sum) {
    /** Of a file that is not there. */
    public static final FileStamp NONE = new FileStamp(-1, 0);

    /**
     * Of a file as it is now.
     *
     * @throws Trouble where it cannot be read
     */
    public static FileStamp of(Path file) {
        if (!Files.isRegularFile(file)) {
            return NONE;
        }
        CRC32C sum = new CRC32C();
        long length = 0;
        try (InputStream in = Files.newInputStream(file)) {
            byte[] buffer = new byte[1 << 16];
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                sum.update(buffer, 0, n);
                length += n;
            }
        } catch (IOException e) {
            throw Trouble.because(e, "store.book-file.cannot-read", file.getFileName());
        }
        return new FileStamp(length, sum.getValue());
    }

    @JsonIgnore
    public boolean isThere() {
        return length >= 0;
    }
}
