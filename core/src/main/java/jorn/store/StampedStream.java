package jorn.store;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.zip.CRC32C;

/** Knows the stamp of all that was written to it. */
final class StampedStream extends FilterOutputStream {
    private final CRC32C sum = new CRC32C();
    private long length;

    StampedStream(OutputStream out) {
        super(out);
    }

    @Override
    public void write(int b) throws IOException {
        out.write(b);
        sum.update(b);
        length++;
    }

    @Override
    public void write(byte[] bytes, int from, int count) throws IOException {
        out.write(bytes, from, count);
        sum.update(bytes, from, count);
        length += count;
    }

    FileStamp stamp() {
        return new FileStamp(length, sum.getValue());
    }
}
