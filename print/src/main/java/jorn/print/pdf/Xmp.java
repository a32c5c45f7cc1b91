package jorn.print.pdf;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Calendar;
import java.util.UUID;
import javax.xml.transform.TransformerException;
import jorn.deliver.FileStandard;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.AdobePDFSchema;
import org.apache.xmpbox.schema.DublinCoreSchema;
import org.apache.xmpbox.schema.XMPBasicSchema;
import org.apache.xmpbox.schema.XMPMediaManagementSchema;
import org.apache.xmpbox.xml.XmpSerializer;

/** The XMP packet (ISO 16684-1) that says of title, author and time what the document information says. */
final class Xmp {
    /** The library knows no schema of PDF/X. */
    private static final String VERSION =
            "<rdf:Description rdf:about=\"\" xmlns:pdfxid=\"http://www.npes.org/pdfx/ns/id/\"><pdfxid:GTS_PDFXVersion>PDF/X-4"
                    + "</pdfxid:GTS_PDFXVersion></rdf:Description>";

    private Xmp() {}

    static byte[] packet(String title, String author, Calendar now, FileStandard standard) {
        XMPMetadata metadata = XMPMetadata.createXMPMetadata();
        DublinCoreSchema core = metadata.createAndAddDublinCoreSchema();
        core.setFormat("application/pdf");
        core.setTitle(title);
        if (!author.isBlank()) {
            core.addCreator(author);
        }
        XMPBasicSchema basic = metadata.createAndAddXMPBasicSchema();
        basic.setCreatorTool(PdfSink.PROGRAM);
        basic.setCreateDate(now);
        basic.setModifyDate(now);
        if (standard == FileStandard.X4) {
            fourth(metadata, basic, now);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream(2048);
        try {
            new XmpSerializer().serialize(metadata, out, true);
        } catch (TransformerException e) {
            throw new IllegalStateException("XMP could not be written", e);
        }
        String packet = out.toString(StandardCharsets.UTF_8);
        if (standard == FileStandard.X4) {
            packet = packet.replaceFirst("</rdf:RDF>", VERSION + "</rdf:RDF>");
        }
        // Without the indentation between its elements, which makes it a quarter larger.
        return packet.replaceAll(">\\s+<", "><").getBytes(StandardCharsets.UTF_8);
    }

    /** What PDF/X-4 asks for beside (ISO 15930-7, 6.16). */
    private static void fourth(XMPMetadata metadata, XMPBasicSchema basic, Calendar now) {
        basic.setMetadataDate(now);
        AdobePDFSchema pdf = metadata.createAndAddAdobePDFSchema();
        pdf.setProducer(PdfSink.PROGRAM);
        pdf.setTextPropertyValue("Trapped", "False");
        XMPMediaManagementSchema management = metadata.createAndAddXMPMediaManagementSchema();
        String id = "uuid:" + UUID.randomUUID();
        management.setDocumentID(id);
        management.setInstanceID(id);
        management.setVersionID("1");
        management.setRenditionClass("default");
    }
}
