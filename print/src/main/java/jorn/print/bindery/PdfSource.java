package jorn.print.bindery;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.store.SafeFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** A PDF that is read: its pages in order, and what of it could not be read. The file is never touched. */
public final class PdfSource implements Closeable {
    /** Files up to this are read at once, which is faster. */
    private static final long AT_ONCE = 48_000_000;

    private static final int MOST_PAGES = 200_000;
    private static final int HEAD = 1024;

    private final String name;
    private final PDDocument document;
    /** Goes when it is closed. */
    private Optional<Path> passing = Optional.empty();

    private final List<SourcePage> pages = new ArrayList<>();
    private final List<Message> missing = new ArrayList<>();

    private PdfSource(String name, PDDocument document) {
        this.name = name;
        this.document = document;
    }

    /** As {@link #open(Path, Optional)}, without a word. */
    public static PdfSource open(Path file) {
        return open(file, Optional.empty());
    }

    /**
     * Opens a file.
     *
     * @param word that opens it, where it is locked
     * @throws Trouble where it is no PDF, cannot be read, is locked or has no page
     */
    public static PdfSource open(Path file, Optional<String> word) {
        return open(file, word, String.valueOf(file.getFileName()));
    }

    /** A file that was written to be read here: it has a name that it is called by, and goes when it is closed. */
    static PdfSource passing(Path file, String name) {
        try {
            PdfSource source = open(file, Optional.empty(), name);
            source.passing = Optional.of(file);
            return source;
        } catch (Trouble t) {
            SafeFile.delete(file);
            throw t;
        }
    }

    private static PdfSource open(Path file, Optional<String> word, String name) {
        if (Files.isDirectory(file)) {
            throw Trouble.of("print.bindery.folder", name);
        }
        if (!Files.isReadable(file)) {
            throw Trouble.of("print.bindery.no-file", name);
        }
        try {
            look(file, name);
            PDDocument document = Files.size(file) <= AT_ONCE
                    ? Loader.loadPDF(new RandomAccessReadBuffer(Files.readAllBytes(file)), word.orElse(""))
                    : Loader.loadPDF(file.toFile(), word.orElse(""));
            PdfSource source = new PdfSource(name, document);
            try {
                source.read(word.isPresent());
            } catch (RuntimeException | IOException e) {
                document.close();
                throw e;
            }
            return source;
        } catch (InvalidPasswordException e) {
            throw Trouble.because(e, word.isPresent() ? "print.bindery.wrong-word" : "print.bindery.locked", name);
        } catch (IOException | StackOverflowError | ClassCastException | IllegalArgumentException e) {
            throw Trouble.because(e, "print.bindery.unreadable", name);
        }
    }

    /** What it begins with tells what it is, whatever it is called. */
    private static void look(Path file, String name) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] head = in.readNBytes(HEAD);
            String text = new String(head, StandardCharsets.ISO_8859_1);
            if (text.contains("%PDF-")) {
                return;
            }
            if (head.length == 0) {
                throw Trouble.of("print.bindery.empty", name);
            }
            boolean picture = text.startsWith("\u00ff\u00d8\u00ff") || text.startsWith("\u0089PNG");
            throw Trouble.of(picture ? "print.bindery.picture" : "print.bindery.no-pdf", name);
        }
    }

    private void read(boolean withWord) throws IOException {
        if (document.isEncrypted()
                && !withWord
                && !document.getCurrentAccessPermission().canAssembleDocument()) {
            throw Trouble.of("print.bindery.forbidden", name);
        }
        COSDictionary root = document.getDocumentCatalog().getCOSObject();
        int told = 0;
        if (root.getDictionaryObject(COSName.PAGES) instanceof COSDictionary tree) {
            told = tree.getInt(COSName.COUNT, 0);
            walk(tree);
        }
        if (pages.isEmpty()) {
            // The tree is lost: pages are found one by one.
            for (COSObject each : document.getDocument().getObjectsByType(COSName.PAGE)) {
                if (each.getObject() instanceof COSDictionary page) {
                    pages.add(new SourcePage(page, new COSDictionary()));
                }
            }
            if (!pages.isEmpty()) {
                missing.add(Message.of("print.bindery.tree-mended", name, pages.size()));
            }
        } else if (pages.size() < told) {
            missing.add(Message.of("print.bindery.pages-missing", name, told - pages.size(), told));
        }
        if (pages.isEmpty()) {
            throw Trouble.of("print.bindery.no-pages", name);
        }
    }

    private record Node(COSDictionary dictionary, COSDictionary inherited) {}

    private void walk(COSDictionary tree) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<Node> open = new ArrayDeque<>();
        open.push(new Node(tree, new COSDictionary()));
        while (!open.isEmpty() && pages.size() < MOST_PAGES) {
            Node node = open.pop();
            boolean parent = node.dictionary().getDictionaryObject(COSName.KIDS) instanceof COSArray;
            if (!parent) {
                if (node.dictionary() != tree) {
                    pages.add(new SourcePage(node.dictionary(), node.inherited()));
                }
                continue;
            }
            if (!seen.add(node.dictionary())) {
                missing.add(Message.of("print.bindery.loop", name));
                continue;
            }
            COSDictionary inherited = new COSDictionary(node.inherited());
            for (COSName key : List.of(COSName.RESOURCES, COSName.MEDIA_BOX, COSName.CROP_BOX, COSName.ROTATE)) {
                COSBase own = node.dictionary().getItem(key);
                if (own != null) {
                    inherited.setItem(key, own);
                }
            }
            COSArray kids = (COSArray) node.dictionary().getDictionaryObject(COSName.KIDS);
            for (int i = kids.size() - 1; i >= 0; i--) {
                if (kids.getObject(i) instanceof COSDictionary kid) {
                    open.push(new Node(kid, inherited));
                }
            }
        }
    }

    /** What the file is called. */
    public String name() {
        return name;
    }

    /** What it is called, without the ending. */
    public String title() {
        return name.replaceFirst("(?i)\\.pdf$", "");
    }

    /** How many pages could be read. */
    public int count() {
        return pages.size();
    }

    /** What of it could not be read, in words; nothing where it is whole. */
    public List<Message> missing() {
        return List.copyOf(missing);
    }

    /**
     * How wide a page is shown, in points.
     *
     * @param number from 1
     */
    public double width(int number) {
        return page(number).width();
    }

    /** How high a page is shown, in points. */
    public double height(int number) {
        return page(number).height();
    }

    SourcePage page(int number) {
        return pages.get(number - 1);
    }

    /** A page among those of the document as its reader knows them, from 0. */
    int index(int number) {
        return number - 1;
    }

    PDDocument document() {
        return document;
    }

    COSDictionary catalog() {
        return document.getDocumentCatalog().getCOSObject();
    }

    float version() {
        return document.getVersion();
    }

    @Override
    public void close() {
        try {
            document.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } finally {
            passing.ifPresent(SafeFile::delete);
        }
    }
}
