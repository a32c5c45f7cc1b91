package jorn.print.pdf;

import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Calendar;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.PageArt;
import jorn.art.Target;
import jorn.deliver.ColourPolicy;
import jorn.deliver.FileStandard;
import jorn.say.PlainWords;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/**
 * Writes page art as PDF. MediaBox is the sheet, BleedBox the page before the cut, TrimBox the page after it (ISO 32000-1,
 * 14.11.2). Equal content is written once and referred to from every page that has it. What is waiting to be written beyond
 * a few megabytes lies in a scratch file, and the file itself is written in one go, so that no book is held in memory whole.
 */
public final class PdfSink implements Closeable {
    /** What files say wrote them. */
    public static final String PROGRAM = "Jorn";

    private static final long IN_MEMORY = 48L << 20;
    /** Content shorter than this is not made smaller by packing. */
    private static final int TINY = 80;

    private final PDDocument document = new PDDocument(MemoryUsageSetting.setupMixed(IN_MEMORY).streamCache);
    private final PDResources resources = new PDResources();
    private final PdfTerms terms;
    private final ArtWriter writer;
    private final Map<Content, PDStream> contents = new HashMap<>();
    private final List<Waiting> links = new ArrayList<>();

    @SuppressWarnings("ArrayRecordComponent") // equals and hashCode look into it
    private record Content(byte[] bytes) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Content c && Arrays.equals(bytes, c.bytes);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(bytes);
        }
    }

    /** Before the first page of the book lie so many of the cover. */
    private int before;

    /** A link whose page may not have been added yet. */
    private record Waiting(PDPage on, PDRectangle at, Target target) {}

    /** A sink for an ordinary file that writes inks as they are mixed. */
    public PdfSink(String title, String author) throws IOException {
        this(title, author, PdfTerms.ORDINARY);
    }

    /** A sink for an ordinary file. */
    public PdfSink(String title, String author, ColourPolicy policy) throws IOException {
        this(title, author, new PdfTerms(policy, FileStandard.PLAIN));
    }

    /**
     * @param title what the reader's title bar shows
     * @param author may be empty
     * @param terms in which colours and as which kind of PDF it is written
     */
    public PdfSink(String title, String author, PdfTerms terms) throws IOException {
        this.terms = terms;
        writer = new ArtWriter(document, terms);
        // The document's own way to set it goes upwards only.
        document.getDocument().setVersion(terms.standard().isFlat() ? 1.3f : 1.6f);
        PDDocumentInformation info = document.getDocumentInformation();
        Calendar now = Calendar.getInstance();
        String called = PlainWords.line(title).strip();
        String by = PlainWords.line(author).strip();
        info.setTitle(called);
        if (!by.isBlank()) {
            info.setAuthor(by);
        }
        info.setCreator(PROGRAM);
        info.setProducer(PROGRAM);
        info.setCreationDate(now);
        info.setModificationDate(now);
        PressStandard.declare(document, terms, now);
        if (!terms.standard().isFlat()) {
            PDMetadata xmp = new PDMetadata(document);
            xmp.importXMPMetadata(Xmp.packet(called, by, now, terms.standard()));
            document.getDocumentCatalog().setMetadata(xmp);
        }
    }

    /** Says that its pages are read from right to left (ISO 32000-1, 12.2), so that readers lay spreads as the book does. */
    public void readFromRight() {
        PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
        preferences.setReadingDirection(PDViewerPreferences.READING_DIRECTION.R2L);
        document.getDocumentCatalog().setViewerPreferences(preferences);
    }

    /** Adds a page at the end. */
    public void add(PageArt art) throws IOException {
        Box media = art.media();
        Operators out = new Operators();
        List<Mark> marks = writer.taken(art.marks(), media);
        if (!marks.isEmpty()) {
            // From the trim's top left corner, y down, to the page's bottom left corner, y up.
            out.op("cm", 1, 0, 0, -1, -media.x(), media.bottom());
            writer.write(marks, resources, out);
        }
        PDPage page = new PDPage(rectangle(media, media));
        page.setBleedBox(rectangle(art.bleed(), media));
        page.setTrimBox(rectangle(art.trim(), media));
        page.setResources(resources);
        page.setContents(content(new Content(out.bytes())));
        boolean[] foreign = new boolean[1];
        Marks.walk(marks, standing -> {
            foreign[0] |= standing.mark() instanceof Mark.Foreign;
            if (standing.mark() instanceof Mark.Link link && takesLinks()) {
                links.add(new Waiting(page, rectangle(standing.bounds(), media), link.target()));
            }
        });
        if (foreign[0]) {
            document.addPage(page);
        } else {
            // That would look through all that hangs on the page for object numbers of other files; there are none.
            document.getPages().add(page);
        }
    }

    /** Printed pages lead nowhere, and nothing may stand on them but ink (ISO 15930-1, 6.10; ISO 15930-7, 6.17). */
    private boolean takesLinks() {
        return terms.standard() == FileStandard.PLAIN;
    }

    private PDStream content(Content content) throws IOException {
        PDStream known = contents.get(content);
        if (known == null) {
            COSStream stream = document.getDocument().createCOSStream();
            try (OutputStream out = content.bytes.length < TINY
                    ? stream.createOutputStream()
                    : stream.createOutputStream(COSName.FLATE_DECODE)) {
                out.write(content.bytes);
            }
            known = new PDStream(stream);
            contents.put(content, known);
        }
        return known;
    }

    private static PDRectangle rectangle(Box box, Box page) {
        return new PDRectangle(
                (float) (box.x() - page.x()), (float) (page.bottom() - box.bottom()), (float) box.width(), (float)
                        box.height());
    }

    /**
     * Says on which page of the file the book's first page stands, so that links lead there.
     *
     * @param place from 0
     */
    public void startsAt(int place) {
        before = place;
    }

    /** Links without any border; one to a page that the file does not have is left out. */
    private void writeLinks() throws IOException {
        PDBorderStyleDictionary bare = new PDBorderStyleDictionary();
        bare.setWidth(0);
        Map<PDPage, List<PDAnnotation>> all = new HashMap<>();
        for (Waiting each : links) {
            PDAnnotationLink link = new PDAnnotationLink();
            link.setRectangle(each.at());
            link.setBorderStyle(bare);
            if (each.target() instanceof Target.Web web) {
                PDActionURI action = new PDActionURI();
                action.setURI(web.address().toASCIIString());
                link.setAction(action);
            } else if (each.target() instanceof Target.Page page
                    && before + page.number() <= document.getNumberOfPages()) {
                PDPageFitDestination place = new PDPageFitDestination();
                place.setPage(document.getPage(before + page.number() - 1));
                link.setDestination(place);
            } else {
                continue;
            }
            all.computeIfAbsent(each.on(), p -> new ArrayList<>()).add(link);
        }
        for (Map.Entry<PDPage, List<PDAnnotation>> entry : all.entrySet()) {
            entry.getKey().setAnnotations(entry.getValue());
        }
    }

    /** Writes the file; the sink takes no more pages after that. */
    public void writeTo(OutputStream out) throws IOException {
        writeLinks();
        writer.fonts().embed();
        if (terms.standard().isFlat()) {
            // PDF 1.3 has neither streams of objects nor of references.
            document.getDocument().setIsXRefStream(false);
            document.save(out, CompressParameters.NO_COMPRESSION);
        } else {
            document.getDocument().setIsXRefStream(true);
            new CompleteWriter(out).write(document);
        }
    }

    @Override
    public void close() throws IOException {
        writer.close();
        document.close();
    }
}
