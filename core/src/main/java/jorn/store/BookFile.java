package jorn.store;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.Locale;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.json.Json;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.say.Wording;

/** The {@code .jorn} file: a ZIP of {@code book.json} and {@code assets/}, described in docs/file-format.md. */
public final class BookFile {
    /** The newest format that this version of Jorn reads. */
    public static final int FORMAT = BookTree.FORMAT;

    /** The file name's ending. */
    public static final String ENDING = ".jorn";

    /** Whether a file's name is that of a book, in capitals or not. */
    public static boolean isNamedSo(Path file) {
        return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT).endsWith(ENDING);
    }

    private static final String BOOK = "book.json";
    private static final long LARGEST_BOOK = 64L << 20;

    static final String ASSETS = "assets/";

    private BookFile() {}

    /**
     * Writes a book; the old file stays whole until the new one is.
     *
     * <p>What the book's file held that this version does not know is written back.
     *
     * @return by which it is told later whether it is still the same
     * @throws Trouble where it cannot be written, or where a book of a newer format would be overwritten
     */
    public static FileStamp save(Book book, Path file) {
        refuseOverNewer(file);
        byte[] json = Json.write(BookTree.of(book));
        StampedStream[] written = new StampedStream[1];
        SafeFile.write(file, out -> {
            written[0] = new StampedStream(out);
            ZipOutputStream zip = new ZipOutputStream(written[0], StandardCharsets.UTF_8);
            zip.putNextEntry(new ZipEntry(BOOK));
            zip.write(json);
            zip.closeEntry();
            zip.putNextEntry(new ZipEntry(ASSETS));
            zip.closeEntry();
            // Pictures are packed already: to try it again takes seconds and gains nothing.
            zip.setLevel(Deflater.NO_COMPRESSION);
            for (Picture picture : book.pictures().values()) {
                if (!picture.isMissing()) {
                    zip.putNextEntry(new ZipEntry(ASSETS + picture.id()));
                    try (InputStream in = picture.file().open()) {
                        in.transferTo(zip);
                    }
                    zip.closeEntry();
                }
            }
            BookFonts.write(new String(json, StandardCharsets.UTF_8), zip);
            zip.finish();
        });
        return written[0].stamp();
    }

    /**
     * Reads a book.
     *
     * @throws Trouble that says what is wrong with the file
     */
    public static Book load(Path file) {
        return read(file).book();
    }

    /**
     * A book as it was read.
     *
     * @param stamp of the file that it was read from
     * @param newer whether it is for reading only; see {@link #isNewer}
     */
    public record ReadBook(Book book, FileStamp stamp, boolean newer) {}

    /** As {@link #load}, with what the file was then. */
    public static ReadBook open(Path file) {
        FileStamp stamp = FileStamp.of(file);
        Read read = read(file);
        return new ReadBook(read.book(), stamp, read.format() > FORMAT);
    }

    private record Read(Book book, int format) {}

    private static Read read(Path file) {
        String name = String.valueOf(file.getFileName());
        if (!Files.isRegularFile(file)) {
            throw Files.isDirectory(file)
                    ? Trouble.of("store.book-file.folder-not-book", name, ENDING)
                    : Files.exists(file)
                            ? Trouble.of("store.book-file.no-plain-file", name)
                            : Trouble.of("store.book-file.there-no-file", file, ENDING);
        }
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            refuseClimbing(zip, name);
            BookAssets.refuseSwollen(zip, file, name);
            return read(zip, name);
        } catch (NoSuchFileException e) {
            throw Trouble.because(e, "store.book-file.there-no-file", file, ENDING);
        } catch (ZipException e) {
            throw damage(file, name, e);
        } catch (IOException e) {
            throw Trouble.because(e, "store.book-file.cannot-read", name);
        }
    }

    private static Read read(ZipFile zip, String name) throws IOException {
        ZipEntry entry = zip.getEntry(BOOK);
        if (entry == null) {
            throw Trouble.of("store.book-file.zip-file-but-not", name);
        }
        byte[] json;
        try (InputStream in = zip.getInputStream(entry)) {
            json = in.readNBytes((int) LARGEST_BOOK + 1);
        }
        if (json.length > LARGEST_BOOK) {
            throw Trouble.of("store.book-file.too-large-book", name);
        }
        JsonNode tree = Json.read(json, JsonNode.class, Wording.of("store.book-file.book-file", name));
        int format = tree.path("format").asInt();
        // A book is read with the typefaces that it carries.
        BookFonts.take(zip);
        return new Read(BookAssets.of(BookTree.book(tree, name), zip, name), format);
    }

    /**
     * Whether a file was written by a newer Jorn and can be read all the same; it is then for reading only, as that Jorn would find
     * things gone that this one cannot write.
     */
    public static boolean isNewer(Path file) {
        return formatOf(file) > FORMAT;
    }

    private static void refuseOverNewer(Path file) {
        if (isNewer(file)) {
            throw Trouble.of("store.book-file.was-written-by-newer-2", file.getFileName());
        }
    }

    /** The format of a book file, or 0 where it is none. */
    private static int formatOf(Path file) {
        if (!Files.isRegularFile(file)) {
            return 0;
        }
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            ZipEntry entry = zip.getEntry(BOOK);
            if (entry == null) {
                return 0;
            }
            try (InputStream in = zip.getInputStream(entry)) {
                return Json.wholeAtTop(in, "format");
            }
        } catch (IOException e) {
            // It is no book that could be read; what is there instead is nobody's newer book.
            return 0;
        }
    }

    private static void refuseClimbing(ZipFile zip, String name) {
        Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            String path = entries.nextElement().getName().replace('\\', '/');
            boolean climbs =
                    path.startsWith("/") || path.matches("^[A-Za-z]:.*") || ("/" + path + "/").contains("/../");
            if (climbs) {
                throw Trouble.of("store.book-file.holds-path-leads-out", name, path);
            }
        }
    }

    private static Trouble damage(Path file, String name, ZipException e) {
        byte[] head;
        try (InputStream in = Files.newInputStream(file)) {
            head = in.readNBytes(2);
        } catch (IOException unreadable) {
            return Trouble.because(unreadable, "store.book-file.cannot-read-2", name);
        }
        boolean wasZip = head.length == 2 && head[0] == 'P' && head[1] == 'K';
        return wasZip
                ? Trouble.because(e, "store.book-file.damaged-part-missing", name)
                : Trouble.because(
                        e,
                        head.length == 0
                                ? Message.of("store.book-file.empty", name)
                                : Message.of("store.book-file.not-jorn-book", name),
                        Message.of("store.book-file.choose-file-jorn-has"));
    }
}
