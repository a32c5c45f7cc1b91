package jorn.scratch;

import java.io.IOException;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Names made of content: equal bytes have one, others another. */
public final class Checksum {
    private Checksum() {}

    /**
     * The SHA-256 (FIPS 180-4) of bytes, or its beginning.
     *
     * @param letters how many hexadecimal digits of it, up to 64
     * @throws jorn.measure.Trouble where the bytes lie on the disk and cannot be read any more
     */
    public static String of(Blob bytes, int letters) {
        try (InputStream in = bytes.open()) {
            return of(in).substring(0, letters);
        } catch (IOException e) {
            throw Scratch.noRoom(e);
        }
    }

    /**
     * The whole SHA-256 (FIPS 180-4) of what is read to its end.
     *
     * @throws IOException where it cannot be read
     */
    public static String of(InputStream in) throws IOException {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            byte[] buffer = new byte[1 << 16];
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                digest.update(buffer, 0, n);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
