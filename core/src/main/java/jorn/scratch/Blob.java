package jorn.scratch;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.lang.ref.Cleaner;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/**
 * Bytes that nobody changes. Few are kept in memory, many on the disk for as long as somebody holds them: a book with two hundred
 * photographs is larger than the memory that it is opened in.
 */
public final class Blob {
    /** None. */
    public static final Blob EMPTY = new Blob(new byte[0], null, 0);

    /** So many bytes at most stay in memory. */
    private static final int FEW = 1 << 16;

    private static final Cleaner CLEANER = Cleaner.create();

    private final byte @Nullable [] few;
    private final @Nullable Path many;
    private final long length;

    private Blob(byte @Nullable [] few, @Nullable Path many, long length) {
        this.few = few;
        this.many = many;
        this.length = length;
        if (many != null) {
            CLEANER.register(this, () -> delete(many));
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            // It goes with its folder when the program ends.
            file.toFile().deleteOnExit();
        }
    }

    /** These bytes, which must not be changed afterwards. */
    public static Blob of(byte[] bytes) {
        try {
            return of(new ByteArrayInputStream(bytes), Long.MAX_VALUE);
        } catch (IOException e) {
            throw Scratch.noRoom(e);
        }
    }

    /** These bytes, kept where they are, however many: for those who need them only for a moment. */
    public static Blob inMemory(byte[] bytes) {
        return new Blob(bytes, null, bytes.length);
    }

    /**
     * The bytes of a stream.
     *
     * @param most that are read; of a longer stream one more is kept, so that it can be told
     * @throws IOException where the stream cannot be read
     * @throws jorn.measure.Trouble where there is no room for temporary files
     */
    public static Blob of(InputStream in, long most) throws IOException {
        byte[] first = in.readNBytes((int) Math.min(FEW, most) + 1);
        if (first.length <= FEW) {
            return new Blob(first, null, first.length);
        }
        Path file = Scratch.newFile();
        try (OutputStream out = openNew(file)) {
            long length = first.length;
            write(out, first, first.length);
            byte[] buffer = new byte[FEW];
            while (length <= most) {
                int n = in.read(buffer, 0, (int) Math.min(buffer.length, most - length + 1));
                if (n < 0) {
                    break;
                }
                write(out, buffer, n);
                length += n;
            }
            return new Blob(null, file, length);
        }
    }

    private static OutputStream openNew(Path file) {
        try {
            return Files.newOutputStream(file, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
        } catch (IOException e) {
            throw Scratch.noRoom(e);
        }
    }

    private static void write(OutputStream out, byte[] bytes, int n) {
        try {
            out.write(bytes, 0, n);
        } catch (IOException e) {
            throw Scratch.noRoom(e);
        }
    }

    public long length() {
        return length;
    }

    public boolean isEmpty() {
        return length == 0;
    }

    /** The caller closes it. */
    public InputStream open() throws IOException {
        return many == null ? new ByteArrayInputStream(few()) : Files.newInputStream(many);
    }

    /** All of them, for those who cannot read a stream. */
    public byte[] bytes() throws IOException {
        return many == null ? few() : Files.readAllBytes(many);
    }

    private byte[] few() {
        return few == null ? new byte[0] : few;
    }
}
