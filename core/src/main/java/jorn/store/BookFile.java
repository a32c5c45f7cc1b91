package jorn.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.json.Json;
import jorn.json.Kept;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.say.Wording;

/** The {@code .jorn} file: a ZIP of {@code book.json} and {@code assets/}, described in docs/file-format.md. */
public final class BookFile {
    /** The newest format that this version of Jorn reads. */
    public static final int FORMAT = 2;

    /** The file name's ending. */
    public static final String ENDING = ".jorn";

    private static final String BOOK = "book.json";
    private static final long LARGEST_BOOK = 64L << 20;

    private static final String ASSETS = "assets/";
    private static final long LARGEST_PICTURE = 200_000_000;

    /**
     * The whole file.
     *
     * @param format the format that it is written in
     * @param readableFrom the least format whose readers understand it but for fields and parts that they pass over
     */
    private record Content(@Required int format, Integer readableFrom, @Required Book book) {
        static Content of(Book book) {
            return new Content(FORMAT, FORMAT, book);
        }
    }

    private BookFile() {}

    /**
     * Writes a book; the old file stays whole until the new one is.
     *
     * <p>What the book's file held that this version does not know is written back.
     *
     * @throws Trouble where it cannot be written, or where a book of a newer format would be overwritten
     */
    public static void save(Book book, Path file) {
        refuseOverNewer(file);
        JsonNode tree = Json.tree(Content.of(book));
        book.identity().kept().putBack(tree);
        byte[] json = Json.write(tree);
        SafeFile.write(file, out -> {
            ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
            zip.putNextEntry(new ZipEntry(BOOK));
            zip.write(json);
            zip.closeEntry();
            zip.putNextEntry(new ZipEntry(ASSETS));
            zip.closeEntry();
            for (Picture picture : book.pictures().values()) {
                if (!picture.isMissing()) {
                    zip.putNextEntry(new ZipEntry(ASSETS + picture.id()));
                    zip.write(picture.bytes());
                    zip.closeEntry();
                }
            }
            zip.finish();
        });
    }

    /**
     * Reads a book.
     *
     * @throws Trouble that says what is wrong with the file
     */
    public static Book load(Path file) {
        String name = String.valueOf(file.getFileName());
        if (!Files.isRegularFile(file)) {
            throw Files.isDirectory(file)
                    ? Trouble.of("store.book-file.folder-not-book", name, ENDING)
                    : Trouble.of("store.book-file.there-no-file", file, ENDING);
        }
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            refuseClimbing(zip, name);
            return read(zip, name);
        } catch (NoSuchFileException e) {
            throw Trouble.because(e, "store.book-file.there-no-file", file, ENDING);
        } catch (ZipException e) {
            throw damage(file, name, e);
        } catch (IOException e) {
            throw Trouble.because(e, "store.book-file.cannot-read", name);
        }
    }

    private static Book read(ZipFile zip, String name) throws IOException {
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
        String what = Wording.of("store.book-file.book-file", name);
        JsonNode tree = Json.read(json, JsonNode.class, what);
        int format = tree.path("format").asInt();
        if (format > FORMAT && !isReadable(tree)) {
            throw Trouble.of("store.book-file.was-written-by-newer", name, format, FORMAT);
        }
        if (format < FORMAT && tree.path("book") instanceof ObjectNode old) {
            FormatOne.moveBook(old);
        }
        AtomicBoolean passedOver = new AtomicBoolean();
        Book book = Json.read(tree, Content.class, what, field -> passedOver.set(true))
                .book();
        if (passedOver.get()) {
            forgetColoured(tree);
            Kept kept = Kept.of(tree, Json.tree(Content.of(book)));
            book = book.withIdentity(book.identity().withKept(kept));
        }
        return withPictures(book, zip);
    }

    /** What older files say of inks, and this version says no more. */
    private static void forgetColoured(JsonNode node) {
        if (node instanceof ObjectNode object && object.has("ink")) {
            object.remove("coloured");
        }
        node.forEach(BookFile::forgetColoured);
    }

    private static boolean isReadable(JsonNode tree) {
        JsonNode from = tree.path("readableFrom");
        return from.isInt() && from.asInt() <= FORMAT;
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

    /** The book with the files of its pictures; one that the file lacks stays missing, and the proof says so. */
    private static Book withPictures(Book book, ZipFile zip) throws IOException {
        Map<String, Picture> whole = new TreeMap<>();
        for (Picture picture : book.pictures().values()) {
            ZipEntry entry = zip.getEntry(ASSETS + picture.id());
            byte[] bytes = {};
            if (entry != null) {
                try (InputStream in = zip.getInputStream(entry)) {
                    bytes = in.readNBytes((int) LARGEST_PICTURE);
                }
            }
            whole.put(picture.id(), picture.withBytes(bytes));
        }
        return whole.isEmpty() ? book : book.withPictures(whole);
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
