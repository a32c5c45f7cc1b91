package jorn.print.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;

/**
 * Completes the cross-reference stream that PDFBox writes at the end of a file. It leaves out the entry of the stream
 * itself, so Size is not one more than the highest object number, which strict readers remark on (ISO 32000-1, 7.5.8.2).
 */
final class CrossReferences {
    private static final Pattern LAST = Pattern.compile(
            "(\\d+) 0 obj\\s*<<(.*?)/Index \\[0 (\\d+)]\\s*/W \\[(\\d) (\\d) (\\d)](.*?)>>\\s*stream\\r?\\n",
            Pattern.DOTALL);
    private static final Pattern START = Pattern.compile("startxref\\s+(\\d+)\\s+%%EOF\\s*$");
    private static final int TAIL = 64;

    private CrossReferences() {}

    /** The same file with the entry added; as it was where its end does not look as expected. */
    static byte[] complete(byte[] pdf) throws IOException {
        String tail = latin(pdf, Math.max(0, pdf.length - TAIL), pdf.length);
        Matcher start = START.matcher(tail);
        if (!start.find()) {
            return pdf;
        }
        int offset = Integer.parseInt(start.group(1));
        Matcher last = LAST.matcher(latin(pdf, offset, pdf.length));
        if (!last.lookingAt() || !last.group(1).equals(last.group(3))) {
            return pdf;
        }
        int number = Integer.parseInt(last.group(1));
        int[] widths = {
            Integer.parseInt(last.group(4)), Integer.parseInt(last.group(5)), Integer.parseInt(last.group(6))
        };
        byte[] entries = new InflaterInputStream(
                        new java.io.ByteArrayInputStream(pdf, offset + last.end(), pdf.length - offset - last.end()))
                .readAllBytes();
        byte[] more = deflated(with(entries, widths, number, offset));
        ByteArrayOutputStream out = new ByteArrayOutputStream(pdf.length + 64);
        out.write(pdf, 0, offset);
        String dictionary = last.group(2).replaceFirst("/Length \\d+", "/Length " + more.length) + "/Index [0 "
                + (number + 1) + "]\n/W [1 4 2]" + last.group(7);
        out.write((number + " 0 obj\n<<" + dictionary + ">>\nstream\r\n").getBytes(StandardCharsets.ISO_8859_1));
        out.write(more);
        out.write(("\r\nendstream\nendobj\nstartxref\n" + offset + "\n%%EOF\n").getBytes(StandardCharsets.ISO_8859_1));
        return out.toByteArray();
    }

    /** All entries in widths of 1, 4 and 2 bytes, the stream's own at the end. */
    private static byte[] with(byte[] entries, int[] widths, int number, int offset) {
        int each = Arrays.stream(widths).sum();
        ByteArrayOutputStream out = new ByteArrayOutputStream((number + 1) * 7);
        for (int at = 0; at + each <= entries.length; at += each) {
            int field = at;
            int[] wanted = {1, 4, 2};
            for (int i = 0; i < 3; i++) {
                put(out, value(entries, field, widths[i]), wanted[i]);
                field += widths[i];
            }
        }
        put(out, 1, 1);
        put(out, offset, 4);
        put(out, 0, 2);
        return out.toByteArray();
    }

    private static long value(byte[] bytes, int at, int width) {
        long v = 0;
        for (int i = 0; i < width; i++) {
            v = v << 8 | bytes[at + i] & 0xFF;
        }
        return v;
    }

    private static void put(ByteArrayOutputStream out, long value, int width) {
        for (int i = width - 1; i >= 0; i--) {
            out.write((int) (value >> 8 * i));
        }
    }

    private static byte[] deflated(byte[] bytes) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(packed)) {
            out.write(bytes);
        }
        return packed.toByteArray();
    }

    private static String latin(byte[] bytes, int from, int to) {
        return new String(bytes, from, to - from, StandardCharsets.ISO_8859_1);
    }
}
