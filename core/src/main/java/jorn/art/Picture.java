package jorn.art;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import jorn.json.Required;
import jorn.measure.Trouble;
import org.jspecify.annotations.Nullable;

/**
 * A picture as it was brought in: its file, untouched. Two pictures with the same bytes are the same picture.
 *
 * @param id first part of the SHA-256 of its bytes
 * @param name of the file that it came from
 * @param width in pixels; 0 where the picture is missing
 * @param height in pixels; 0 where the picture is missing
 * @param bytes the file; empty where the picture is missing
 */
@SuppressWarnings("ArrayRecordComponent") // compared by identity or by what it says; nobody changes it
public record Picture(@Required String id, @Required String name, int width, int height, @JsonIgnore byte[] bytes) {
    /** More pixels than this on a side cannot be handled well. */
    private static final int MOST_PIXELS = 20_000;

    public Picture {
        bytes = bytes == null ? new byte[0] : bytes;
    }

    /**
     * A picture from a file's bytes.
     *
     * @throws Trouble where the bytes are no PNG or JPEG picture
     */
    public static Picture of(String name, byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw notAPicture(name, null);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                int w = reader.getWidth(0);
                int h = reader.getHeight(0);
                if (w > MOST_PIXELS || h > MOST_PIXELS) {
                    throw Trouble.of("art.picture.has-pixels-more-than", name, w, h, MOST_PIXELS);
                }
                return new Picture(idOf(bytes), name, w, h, bytes);
            } finally {
                reader.dispose();
            }
        } catch (IOException e) {
            throw notAPicture(name, e);
        }
    }

    private static Trouble notAPicture(String name, @Nullable IOException cause) {
        return Trouble.because(cause, "art.picture.not-picture-jorn-can", name);
    }

    private static String idOf(byte[] bytes) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes))
                    .substring(0, 24);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The same picture with its file. */
    public Picture withBytes(byte[] file) {
        return new Picture(id, name, width, height, file);
    }

    @JsonIgnore
    public boolean isMissing() {
        return bytes.length == 0;
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Picture p && id.equals(p.id) && isMissing() == p.isMissing();
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return name + " (" + width + " × " + height + ")";
    }
}
