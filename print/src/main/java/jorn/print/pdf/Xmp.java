package jorn.print.pdf;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Calendar;
import javax.xml.transform.TransformerException;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.DublinCoreSchema;
import org.apache.xmpbox.schema.XMPBasicSchema;
import org.apache.xmpbox.xml.XmpSerializer;

/** The XMP packet (ISO 16684-1) that says of title, author and time what the document information says. */
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
        ByteArrayOutputStream out = new ByteArrayOutputStream(2048);
        try {
            new XmpSerializer().serialize(metadata, out, true);
        } catch (TransformerException e) {
            throw new IllegalStateException("XMP could not be written", e);
        }
        // Without the indentation between its elements, which makes it a quarter larger.
        return out.toString(StandardCharsets.UTF_8).replaceAll(">\\s+<", "><").getBytes(StandardCharsets.UTF_8);
    }
}
