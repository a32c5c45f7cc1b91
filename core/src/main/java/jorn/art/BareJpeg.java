package jorn.art;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.Optional;

/**
 * A JPEG file without what a camera or a program noted in it: place, time, owner, small pictures of the whole, and whatever hangs behind its end
 * (ITU-T T.81, annex B). The pixels are copied as they are coded. What readers need to show them right stays: the segments of JFIF and of Adobe's
 * colours.
 */
public final class BareJpeg {
    private static final int START = 0xD8;
    private static final int END = 0xD9;
    private static final int SCAN = 0xDA;
    private static final int APP0 = 0xE0;
    private static final int APP14 = 0xEE;
    private static final int APP15 = 0xEF;
    private static final int COMMENT = 0xFE;

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
            if (isKept(marker)) {
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

    /** Whether anything is noted in it that would be taken away. */
    public static boolean tells(byte[] file) {
        return of(file).filter(bare -> !Arrays.equals(bare, file)).isPresent();
    }
}
