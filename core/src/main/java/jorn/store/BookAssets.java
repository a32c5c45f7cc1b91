package jorn.store;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.measure.Trouble;

/** The files of pictures in a book's file. */
final class BookAssets {
    private static final Logger LOG = Logger.getLogger(BookAssets.class.getName());
    private static final long LARGEST_PICTURE = 200_000_000;

    /** Pictures are packed already: a file that unpacks to more than this, and to many times its length, means no good. */
    private static final long MOST_UNPACKED = 1L << 30;

    private static final int MOST_TIMES = 4;

    private BookAssets() {}

    /**
     * Refuses a file that says of itself that it is far larger unpacked than its length lets expect.
     *
     * @throws Trouble that says so
     */
    static void refuseSwollen(ZipFile zip, Path file, String name) throws IOException {
        long most = most(file);
        long whole = 0;
        for (var entries = zip.entries(); entries.hasMoreElements(); ) {
            whole += Math.max(0, entries.nextElement().getSize());
            if (whole > most) {
                throw swollen(name, most);
            }
        }
    }

    private static long most(Path file) throws IOException {
        return Math.max(MOST_UNPACKED, MOST_TIMES * Files.size(file));
    }

    private static Trouble swollen(String name, long most) {
        return Trouble.of("store.book-assets.swollen", name, most >> 30);
    }

    /**
     * The book with the files of its pictures; one that the file lacks stays missing, one that is damaged is kept as far as it can be
     * read, and the proof says so.
     *
     * @throws Trouble where they are more than any book's
     */
    static Book of(Book book, ZipFile zip, String name) throws IOException {
        Map<String, Picture> whole = new TreeMap<>();
        long most = most(Path.of(zip.getName()));
        long read = 0;
        for (Picture picture : book.pictures().values()) {
            ZipEntry entry = zip.getEntry(BookFile.ASSETS + picture.id());
            Picture now = picture;
            if (entry != null) {
                try (InputStream in = new AsFarAsItGoes(zip.getInputStream(entry))) {
                    now = picture.withFile(in, LARGEST_PICTURE);
                }
            }
            read += now.file().length();
            if (read > most) {
                throw swollen(name, most);
            }
            whole.put(picture.id(), now);
        }
        return whole.isEmpty() ? book : book.withPictures(whole);
    }

    /** A stream that ends where it cannot be read on; what was read then fails its checksum. */
    private static final class AsFarAsItGoes extends FilterInputStream {
        AsFarAsItGoes(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] to, int from, int length) {
            try {
                return super.read(to, from, length);
            } catch (IOException e) {
                LOG.log(Level.FINE, "A picture in a book's file cannot be read to its end.", e);
                return -1;
            }
        }
    }
}
