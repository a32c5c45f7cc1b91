package jorn.art;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A JPEG file without what a camera or a program noted in it: place, time, owner, small pictures of the whole, and whatever hangs behind its end
 * (ITU-T T.81, annex B). The pixels are copied as they are coded. What readers need to show them right stays: the segments of JFIF, of Adobe's
 * colours, and those of the colour profile (ICC.1:2010, B.4).
 */
public final class BareJpeg {
    private static final int START = 0xD8;
    private static final int END = 0xD9;
    private static final int SCAN = 0xDA;
    private static final int APP0 = 0xE0;
    private static final int APP2 = 0xE2;
    private static final int APP14 = 0xEE;
    private static final int APP15 = 0xEF;
    private static final int COMMENT = 0xFE;

    /** What a segment of a profile begins with, after its length; then come its number, from 1, and how many there are. */
    private static final byte[] PROFILE = "ICC_PROFILE\0".getBytes(StandardCharsets.US_ASCII);

    private static final int BEFORE_PROFILE = 4 + PROFILE.length + 2;

    private BareJpeg() {}

    /** The same picture bare; nothing where the bytes are no whole JPEG file. */
    public static Optional<byte[]> of(byte[] file) {
        if (file.length < 4 || (file[0] & 255) != 0xFF || (file[1] & 255) != START) {
            return Optional.empty();
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        out.write(file, 0, 2);
        int at = 2;
        while (at + 3 < file.length && (file[at] & 255) == 0xFF) {
            int marker = file[at + 1] & 255;
            if (marker == 0xFF) {
                at++;
                continue;
            }
            int length = ((file[at + 2] & 255) << 8) | (file[at + 3] & 255);
            int next = at + 2 + length;
            if (length < 2 || next > file.length) {
                return Optional.empty();
            }
            if (marker == SCAN) {
                next = endOfScan(file, next);
            }
            if (isKept(marker) || isOfProfile(file, at, next)) {
                out.write(file, at, next - at);
            }
            at = next;
            if (at + 1 < file.length && (file[at] & 255) == 0xFF && (file[at + 1] & 255) == END) {
                out.write(file, at, 2);
                return Optional.of(out.toByteArray());
            }
        }
        return Optional.empty();
    }

    private static boolean isKept(int marker) {
        boolean noted = marker >= APP0 && marker <= APP15 && marker != APP0 && marker != APP14;
        return !noted && marker != COMMENT;
    }

    /** Coded pixels go on to the next marker that is neither a stuffed byte nor a restart. */
    private static int endOfScan(byte[] file, int from) {
        for (int i = from; i + 1 < file.length; i++) {
            int next = file[i + 1] & 255;
            if ((file[i] & 255) == 0xFF && next != 0 && next != 0xFF && (next < 0xD0 || next > 0xD7)) {
                return i;
            }
        }
        return file.length;
    }

    private static boolean isOfProfile(byte[] file, int at, int next) {
        return (file[at + 1] & 255) == APP2
                && next - at > BEFORE_PROFILE
                && Arrays.equals(file, at + 4, at + 4 + PROFILE.length, PROFILE, 0, PROFILE.length);
    }

    /**
     * The colour profile that says what the pixels of a file mean, put together from its segments.
     *
     * @param bare a file as {@link #of} makes it
     * @return nothing where there is none, or a part of it is missing
     */
    public static Optional<byte[]> profile(byte[] bare) {
        TreeMap<Integer, byte[]> parts = new TreeMap<>();
        int wanted = 0;
        for (int at = 2; at + 3 < bare.length && (bare[at + 1] & 255) != SCAN; ) {
            int next = at + 2 + (((bare[at + 2] & 255) << 8) | (bare[at + 3] & 255));
            if (isOfProfile(bare, at, Math.min(next, bare.length))) {
                parts.put(bare[at + BEFORE_PROFILE - 2] & 255, Arrays.copyOfRange(bare, at + BEFORE_PROFILE, next));
                wanted = bare[at + BEFORE_PROFILE - 1] & 255;
            }
            at = next;
        }
        if (parts.isEmpty() || parts.size() != wanted || parts.firstKey() != 1 || parts.lastKey() != wanted) {
            return Optional.empty();
        }
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        parts.values().forEach(whole::writeBytes);
        return Optional.of(whole.toByteArray());
    }
}
