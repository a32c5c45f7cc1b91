package jorn.print.bindery;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import jorn.measure.Trouble;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.store.SafeFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** A PDF that is read: its pages in order, and what of it could not be read. The file is never touched. */
public final class PdfSource implements Closeable {
    /** Files up to this are read at once, which is faster. */
    private static final long AT_ONCE = 48_000_000;

    /** Damaged files that are larger are not mended. */
    private static final long MOST_SEARCHED = 400_000_000;

    private static final int HEAD = 1024;
    private static final int MOST_NAMED = 12;
    private static final Logger LOG = Logger.getLogger(PdfSource.class.getName());

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
            if (Files.size(file) > MOST_SEARCHED && !Rescue.hasTable(file)) {
                // To go through so much byte by byte takes minutes.
                throw Trouble.of("print.bindery.too-large-to-mend", name);
            }
            PdfSource source = load(file, word, name, false);
            if (source.pages.isEmpty()) {
                source.close();
                return rescued(file, word, name).orElseThrow(() -> Trouble.of("print.bindery.no-pages", name));
            }
            source.tellGaps(
                    Rescue.isCut(file) ? Gaps.in(source.pages, Rescue.cutObject(file)) : Gaps.bare(source.pages));
            return source;
        } catch (InvalidPasswordException e) {
            throw Trouble.because(e, word.isPresent() ? "print.bindery.wrong-word" : "print.bindery.locked", name);
        } catch (IOException | StackOverflowError | ClassCastException | IllegalArgumentException e) {
            return rescued(file, word, name).orElseThrow(() -> Trouble.because(e, "print.bindery.unreadable", name));
        }
    }

    private static PdfSource load(Path file, Optional<String> word, String name, boolean mended) throws IOException {
        PDDocument document = Files.size(file) <= AT_ONCE
                ? Loader.loadPDF(new RandomAccessReadBuffer(Files.readAllBytes(file)), word.orElse(""))
                : Loader.loadPDF(file.toFile(), word.orElse(""));
        PdfSource source = new PdfSource(name, document);
        try {
            source.read(word.isPresent(), mended);
            return source;
        } catch (RuntimeException | StackOverflowError e) {
            document.close();
            throw e;
        }
    }

    /** What is left of a damaged file; nothing where no page is. */
    private static Optional<PdfSource> rescued(Path file, Optional<String> word, String name) {
        Optional<Rescue.Left> left = Optional.empty();
        try {
            left = Rescue.of(file);
            if (left.isPresent()) {
                PdfSource source = load(left.get().copy(), word, name, true);
                if (source.pages.isEmpty()) {
                    source.close();
                } else {
                    source.passing = left.map(Rescue.Left::copy);
                    source.missing.add(0, Message.of("print.bindery.tree-mended", name, source.count()));
                    int told = left.get().told();
                    if (told > source.count()) {
                        source.missing.add(
                                Message.of("print.bindery.pages-missing", name, told - source.count(), told));
                    }
                    source.tellGaps(Gaps.in(source.pages, Rescue.cutObject(file)));
                    return Optional.of(source);
                }
            }
        } catch (IOException | StackOverflowError | ClassCastException | IllegalArgumentException e) {
            LOG.log(Level.FINE, "What is left cannot be read, either.", e);
        }
        left.map(Rescue.Left::copy).ifPresent(SafeFile::delete);
        return Optional.empty();
    }

    private void tellGaps(List<Integer> lacking) {
        if (!lacking.isEmpty()) {
            missing.add(Message.of("print.bindery.gaps", name, lacking.size(), Wording.some(lacking, MOST_NAMED)));
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

    private void read(boolean withWord, boolean mended) {
        if (document.isEncrypted()
                && !withWord
                && !document.getCurrentAccessPermission().canAssembleDocument()) {
            throw Trouble.of("print.bindery.forbidden", name);
        }
        PageTree tree = PageTree.of(document, name, mended);
        pages.addAll(tree.pages());
        missing.addAll(tree.missing());
    }

    /** Whether a file was refused because it is locked with a word that was not given, or another one. */
    public static boolean wantsWord(Throwable refusal) {
        return refusal.getCause() instanceof InvalidPasswordException;
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
