package jorn.print.pdf;

import java.io.ByteArrayOutputStream;
import java.util.Calendar;
import javax.xml.transform.TransformerException;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.AdobePDFSchema;
import org.apache.xmpbox.schema.DublinCoreSchema;
import org.apache.xmpbox.schema.XMPBasicSchema;
import org.apache.xmpbox.xml.XmpSerializer;

/** The XMP packet (ISO 16684-1) that says the same as the document information. */
final class Xmp {
    private Xmp() {}

    static byte[] packet(String title, String author, Calendar now) {
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
        AdobePDFSchema pdf = metadata.createAndAddAdobePDFSchema();
        pdf.setProducer(PdfSink.PROGRAM);
        ByteArrayOutputStream out = new ByteArrayOutputStream(2048);
        try {
            new XmpSerializer().serialize(metadata, out, true);
        } catch (TransformerException e) {
            throw new IllegalStateException("XMP could not be written", e);
        }
        return out.toByteArray();
    }
}
