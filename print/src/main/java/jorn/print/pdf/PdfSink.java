package jorn.print.pdf;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.Calendar;
import java.util.HashMap;
import java.util.Map;
import jorn.page.Box;
import jorn.page.PageArt;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;

/**
 * Writes page art as PDF. MediaBox is the sheet, BleedBox the page before the cut, TrimBox the page after it (ISO 32000-1,
 * 14.11.2). Equal content is written once and referred to from every page that has it.
 */
public final class PdfSink implements Closeable {
    private final PDDocument document = new PDDocument();
    private final PDResources resources = new PDResources();
    private final ArtWriter writer = new ArtWriter(document);
    private final Map<Content, PDStream> contents = new HashMap<>();

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

    /**
     * @param title what the reader's title bar shows
     * @param author may be empty
     */
    public PdfSink(String title, String author) throws IOException {
        document.setVersion(1.6f);
        PDDocumentInformation info = document.getDocumentInformation();
        Calendar now = Calendar.getInstance();
        info.setTitle(title);
        if (!author.isBlank()) {
            info.setAuthor(author);
        }
        info.setCreator("Jorn");
        info.setProducer("Jorn");
        info.setCreationDate(now);
        info.setModificationDate(now);
        PDMetadata xmp = new PDMetadata(document);
        xmp.importXMPMetadata(Xmp.packet(title, author, now.toInstant()));
        document.getDocumentCatalog().setMetadata(xmp);
    }

    /** Adds a page at the end. */
    public void add(PageArt art) throws IOException {
        Box media = art.media();
        Operators out = new Operators();
        if (!art.marks().isEmpty()) {
            // From the trim's top left corner, y down, to the page's bottom left corner, y up.
            out.op("cm", 1, 0, 0, -1, -media.x(), media.bottom());
            writer.write(art.marks(), resources, out);
        }
        PDPage page = new PDPage(rectangle(media, media));
        page.setBleedBox(rectangle(art.bleed(), media));
        page.setTrimBox(rectangle(art.trim(), media));
        page.setResources(resources);
        page.setContents(content(new Content(out.bytes())));
        document.addPage(page);
    }

    private PDStream content(Content content) throws IOException {
        PDStream known = contents.get(content);
        if (known == null) {
            COSStream stream = document.getDocument().createCOSStream();
            boolean tiny = content.bytes.length < 80;
            try (OutputStream out =
                    tiny ? stream.createOutputStream() : stream.createOutputStream(COSName.FLATE_DECODE)) {
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

    /** Writes the file; the sink takes no more pages after that. */
    public void writeTo(OutputStream out) throws IOException {
        writer.fonts().embed();
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        document.save(whole, CompressParameters.DEFAULT_COMPRESSION);
        out.write(CrossReferences.complete(whole.toByteArray()));
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
