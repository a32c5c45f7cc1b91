package jorn.print.bindery;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;

/** Counts what goes through. */
final class CountingStream extends FilterOutputStream {
    private long count;

    CountingStream(OutputStream to) {
        super(to);
    }

    long count() {
        return count;
    }

    @Override
    public void write(int b) throws IOException {
        out.write(b);
        count++;
    }

    @Override
    public void write(byte[] b, int off, int len) throws IOException {
        out.write(b, off, len);
        count += len;
    }
}
