package jorn.print.bindery;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import org.apache.pdfbox.cos.COSStream;

/** Tells equal objects from others: 128 bits over all that they are. */
record Digest(long high, long low) {
    /** Of an object as text. */
    static Digest of(byte[] body) {
        return finish(fresh(), body);
    }

    /** Of a stream: its bytes as they are packed, and its dictionary. */
    static Digest of(byte[] dictionary, COSStream stream, byte[] chunk) throws IOException {
        MessageDigest digest = fresh();
        try (InputStream raw = stream.createRawInputStream()) {
            for (int n = raw.read(chunk); n >= 0; n = raw.read(chunk)) {
                digest.update(chunk, 0, n);
            }
        }
        return finish(digest, dictionary);
    }

    private static Digest finish(MessageDigest digest, byte[] rest) {
        ByteBuffer all = ByteBuffer.wrap(digest.digest(rest));
        return new Digest(all.getLong(), all.getLong());
    }

    private static MessageDigest fresh() {
        try {
            return MessageDigest.getInstance("SHA-1");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
