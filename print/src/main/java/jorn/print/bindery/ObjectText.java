package jorn.print.bindery;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.cos.COSString;
import org.apache.pdfbox.pdfwriter.COSWriter;
import org.jspecify.annotations.Nullable;

/** An object as it is written (ISO 32000-1, 7.3); numbers, names and words that were objects of their own are written in place. */
final class ObjectText {
    private static final int DEEPEST = 400;
    private static final COSName RESOURCES = COSName.RESOURCES;

    private final ObjectWriter to;
    private boolean shared;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream(256);
    private int depth;

    /** @param shared whether what it refers to is what pages are drawn with, and written once where it is equal */
    ObjectText(ObjectWriter to, boolean shared) {
        this.to = to;
        this.shared = shared;
    }

    byte[] of(COSBase value) throws IOException {
        body(value);
        return out.toByteArray();
    }

    /** A dictionary without its end, and without the length of a stream. */
    byte[] dictionary(COSDictionary value) throws IOException {
        text("<<");
        entries(value, value instanceof COSStream);
        return out.toByteArray();
    }

    private void text(String ascii) {
        byte[] bytes = ascii.getBytes(StandardCharsets.US_ASCII);
        out.write(bytes, 0, bytes.length);
    }

    private void body(COSBase value) throws IOException {
        if (++depth > DEEPEST) {
            throw new IOException("objects stand in each other without end");
        }
        if (value instanceof COSDictionary d) {
            text("<<");
            entries(d, false);
            text(">>");
        } else if (value instanceof COSArray a) {
            text("[");
            for (int i = 0; i < a.size(); i++) {
                if (i > 0) {
                    out.write(' ');
                }
                value(a.get(i));
            }
            text("]");
        } else if (value instanceof COSName n) {
            n.writePDF(out);
        } else if (value instanceof COSInteger i) {
            text(Long.toString(i.longValue()));
        } else if (value instanceof COSFloat f) {
            f.writePDF(out);
        } else if (value instanceof COSBoolean b) {
            text(b.getValue() ? "true" : "false");
        } else if (value instanceof COSString s) {
            COSWriter.writeString(s, out);
        } else if (value instanceof Ref r) {
            text(r.number() + " 0 R");
        } else {
            text("null");
        }
        depth--;
    }

    private void entries(COSDictionary d, boolean stream) throws IOException {
        boolean before = shared;
        for (Map.Entry<COSName, COSBase> each : d.entrySet()) {
            COSName key = each.getKey();
            if (stream && key.equals(COSName.LENGTH)) {
                continue;
            }
            COSBase value = actual(each.getValue());
            COSBase now = value == null ? null : to.rewriting().value(d, key, value);
            if (now == null) {
                continue;
            }
            key.writePDF(out);
            out.write(' ');
            shared = before || key.equals(RESOURCES);
            reference(each.getValue(), now);
            shared = before;
        }
    }

    private static @Nullable COSBase actual(COSBase value) {
        return value instanceof COSObject o ? o.getObject() : value;
    }

    private void value(COSBase value) throws IOException {
        COSBase actual = actual(value);
        if (actual == null) {
            text("null");
        } else {
            reference(value, actual);
        }
    }

    /** As it stands, or where it is to be found: what was an object of its own stays one, and streams always are. */
    private void reference(COSBase from, COSBase actual) throws IOException {
        boolean own = actual instanceof COSStream
                || (from instanceof COSObject && (actual instanceof COSDictionary || actual instanceof COSArray));
        if (!own) {
            body(actual);
        } else if (to.isLeftOut(actual)) {
            text("null");
        } else {
            text((shared ? to.shared(actual) : to.number(actual)) + " 0 R");
        }
    }
}
