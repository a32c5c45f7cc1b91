package jorn.art;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import jorn.art.PictureFile.Facts.Kind;
import jorn.art.PictureFile.Harm;
import jorn.scratch.Blob;

/**
 * Reads the files of pictures through, piece by piece, to see whether they are whole: the chunks of a PNG with their checksums (PNG
 * specification, third edition, 5.3), the segments of a JPEG up to its end marker (ITU-T T.81, annex B).
 */
final class PictureScan {
    private static final int PNG_HEAD = 8;
    private static final int IDAT = 0x49444154;
    private static final int IEND = 0x49454E44;

    private PictureScan() {}

    static Optional<Harm> harm(Blob blob, Kind kind) throws IOException {
        try (DataInputStream in = open(blob)) {
            return switch (kind) {
                case PNG -> png(in);
                case JPEG -> jpeg(in);
                case TIFF, WEBP, SVG, OTHER -> Optional.of(Harm.BROKEN);
            };
        } catch (EOFException e) {
            return Optional.of(Harm.CUT);
        }
    }

    private static DataInputStream open(Blob blob) throws IOException {
        return new DataInputStream(new BufferedInputStream(blob.open(), 1 << 16));
    }

    private static Optional<Harm> png(DataInputStream in) throws IOException {
        in.skipNBytes(PNG_HEAD);
        Inflater inflater = new Inflater();
        try {
            while (true) {
                int length = in.readInt();
                if (length < 0) {
                    return Optional.of(Harm.BROKEN);
                }
                CRC32 sum = new CRC32();
                CheckedInputStream checked = new CheckedInputStream(in, sum);
                DataInputStream chunk = new DataInputStream(checked);
                int type = chunk.readInt();
                pass(chunk, length, type == IDAT ? inflater : null);
                if ((int) sum.getValue() != in.readInt()) {
                    return Optional.of(Harm.BROKEN);
                }
                if (type == IEND) {
                    return inflater.finished() ? Optional.empty() : Optional.of(Harm.CUT);
                }
            }
        } catch (DataFormatException e) {
            return Optional.of(Harm.BROKEN);
        } finally {
            inflater.end();
        }
    }

    private static void pass(DataInputStream chunk, int length, @org.jspecify.annotations.Nullable Inflater inflater)
            throws IOException, DataFormatException {
        byte[] buffer = new byte[8192];
        byte[] pixels = new byte[1 << 16];
        for (int left = length; left > 0; ) {
            int n = chunk.read(buffer, 0, Math.min(buffer.length, left));
            if (n < 0) {
                throw new EOFException();
            }
            left -= n;
            if (inflater != null && !inflater.finished()) {
                inflater.setInput(buffer, 0, n);
                while (!inflater.needsInput() && !inflater.finished() && inflater.inflate(pixels) > 0) {
                    // What is inside is not looked at.
                }
            }
        }
    }

    private static Optional<Harm> jpeg(DataInputStream in) throws IOException {
        if (in.readUnsignedShort() != 0xFFD8) {
            return Optional.of(Harm.BROKEN);
        }
        int marker = nextMarker(in);
        boolean scanned = false;
        while (marker != 0xD9) {
            boolean alone = marker == 0x01 || (marker >= 0xD0 && marker <= 0xD7);
            if (!alone) {
                int length = in.readUnsignedShort();
                if (length < 2) {
                    return Optional.of(Harm.BROKEN);
                }
                in.skipNBytes(length - 2L);
            }
            scanned |= marker == 0xDA;
            marker = nextMarker(in);
        }
        return scanned ? Optional.empty() : Optional.of(Harm.BROKEN);
    }

    /** Passes over coded pixels, in which FF is followed by 00, to the next marker. */
    private static int nextMarker(DataInputStream in) throws IOException {
        int before = 0;
        while (true) {
            int now = in.readUnsignedByte();
            if (before == 0xFF && now != 0 && now != 0xFF) {
                return now;
            }
            before = now;
        }
    }

    /** How many bands and how many bits each; three of eight where it cannot be told. */
    static int[] depth(Blob blob, Kind kind) throws IOException {
        try (DataInputStream in = open(blob)) {
            return kind == Kind.PNG ? pngDepth(in) : kind == Kind.JPEG ? jpegDepth(in) : new int[] {3, 8};
        }
    }

    private static int[] pngDepth(InputStream in) throws IOException {
        byte[] head = in.readNBytes(26);
        if (head.length < 26) {
            throw new EOFException();
        }
        int bands =
                switch (head[25]) {
                    case 0 -> 1;
                    case 4 -> 2;
                    case 6 -> 4;
                    default -> 3;
                };
        return new int[] {bands, Math.max(8, head[24])};
    }

    private static int[] jpegDepth(DataInputStream in) throws IOException {
        in.readUnsignedShort();
        while (true) {
            int marker = nextMarker(in);
            int length = in.readUnsignedShort();
            boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
            if (frame) {
                int bits = in.readUnsignedByte();
                in.skipNBytes(4);
                return new int[] {in.readUnsignedByte(), bits};
            }
            in.skipNBytes(Math.max(0, length - 2L));
        }
    }
}
