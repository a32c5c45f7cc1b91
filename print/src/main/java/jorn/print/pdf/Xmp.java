package jorn.print.pdf;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** The XMP packet (ISO 16684-1) that says the same as the document information. */
final class Xmp {
    private Xmp() {}

    static byte[] packet(String title, String author, Instant now) {
        String date = now.truncatedTo(ChronoUnit.SECONDS).toString();
        String by = author.isBlank()
                ? ""
                : "<dc:creator><rdf:Seq><rdf:li>" + escape(author) + "</rdf:li></rdf:Seq></dc:creator>";
        String xml = "<?xpacket begin=\"\uFEFF\" id=\"W5M0MpCehiHzreSzNTczkc9d\"?>"
                + "<x:xmpmeta xmlns:x=\"adobe:ns:meta/\"><rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\">"
                + "<rdf:Description rdf:about=\"\" xmlns:dc=\"http://purl.org/dc/elements/1.1/\""
                + " xmlns:xmp=\"http://ns.adobe.com/xap/1.0/\" xmlns:pdf=\"http://ns.adobe.com/pdf/1.3/\">"
                + "<dc:format>application/pdf</dc:format>"
                + "<dc:title><rdf:Alt><rdf:li xml:lang=\"x-default\">" + escape(title)
                + "</rdf:li></rdf:Alt></dc:title>" + by
                + "<xmp:CreatorTool>Jorn</xmp:CreatorTool><xmp:CreateDate>" + date
                + "</xmp:CreateDate><xmp:ModifyDate>" + date + "</xmp:ModifyDate><pdf:Producer>Jorn</pdf:Producer>"
                + "</rdf:Description></rdf:RDF></x:xmpmeta><?xpacket end=\"w\"?>";
        return xml.getBytes(StandardCharsets.UTF_8);
    }

    private static String escape(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
