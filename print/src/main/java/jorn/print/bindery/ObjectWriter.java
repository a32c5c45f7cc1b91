package jorn.print.bindery;

import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;

/**
 * Writes objects of any number of files into one, as streams of objects with a cross-reference stream (ISO 32000-1, 7.5.7 and 7.5.8). Streams go
 * through as they are, still packed. What pages are drawn with is written once, however many files have it: equal bytes are equal.
 */
final class ObjectWriter {
    private static final int OBJECTS_TOGETHER = 200;
    private static final int BYTES_TOGETHER = 100_000;
    private static final int CHUNK = 1 << 16;
    private static final int LEVEL = 5;

    private final CountingStream out;
    /** Where each object is: its offset, or less than 0 for -(1 + stream of objects), with its place there. */
    private long[] at = new long[1024];

    private int[] place = new int[1024];
    private int last;

    /** Objects of the present source, by what they are there. */
    private final IdentityHashMap<COSBase, Integer> numbers = new IdentityHashMap<>();

    private final Deque<COSBase> queue = new ArrayDeque<>();
    private final Map<Digest, Integer> shared = new HashMap<>();
    private final Set<COSBase> sharing = Collections.newSetFromMap(new IdentityHashMap<>());
    private final Set<COSBase> leftOut = Collections.newSetFromMap(new IdentityHashMap<>());
    private final ByteArrayOutputStream together = new ByteArrayOutputStream();
    private final List<int[]> togetherAt = new ArrayList<>();
    private final byte[] chunk = new byte[CHUNK];
    private Rewriting rewriting = Rewriting.NONE;

    ObjectWriter(OutputStream to, String version) throws IOException {
        out = new CountingStream(new BufferedOutputStream(to, CHUNK));
        out.write(("%PDF-" + version + "\n%\u00e2\u00e3\u00cf\u00d3\n").getBytes(StandardCharsets.ISO_8859_1));
    }

    /** A number for an object that is written later. */
    int fresh() {
        last++;
        if (last >= at.length) {
            at = Arrays.copyOf(at, 2 * at.length);
            place = Arrays.copyOf(place, 2 * place.length);
        }
        return last;
    }

    /** How many bytes are written, or wait to be. */
    long size() {
        return out.count() + together.size() / 2;
    }

    /** Another source begins: its objects are no longer known by what they are. */
    void begin(Rewriting how) {
        numbers.clear();
        queue.clear();
        leftOut.clear();
        rewriting = how;
    }

    /** An object of the source does not come along; what refers to it refers to nothing. */
    void leaveOut(COSBase of) {
        leftOut.add(of);
    }

    boolean isLeftOut(COSBase of) {
        return leftOut.contains(of);
    }

    /** An object of the source has that number, and is written by whoever says so. */
    void number(COSBase of, int number) {
        numbers.put(of, number);
    }

    /** The number of an object of the source, which is written when its turn comes. */
    int number(COSBase of) {
        Integer known = numbers.get(of);
        if (known != null) {
            return known;
        }
        int number = fresh();
        numbers.put(of, number);
        queue.add(of);
        return number;
    }

    /** Writes an object. */
    void write(int number, COSBase body) throws IOException {
        if (body instanceof COSStream stream) {
            stream(number, stream, new ObjectText(this, false).dictionary(stream));
        } else {
            pack(number, new ObjectText(this, false).of(body));
        }
    }

    /** Writes a new object. */
    Ref add(COSBase body) throws IOException {
        int number = fresh();
        write(number, body);
        return new Ref(number);
    }

    /** Writes what the objects that were written refer to, and so on. */
    void drain() throws IOException {
        while (!queue.isEmpty()) {
            COSBase next = queue.poll();
            write(number(next), next);
        }
    }

    Rewriting rewriting() {
        return rewriting;
    }

    /** The number of something that pages are drawn with; the same for equal ones. */
    int shared(COSBase of) throws IOException {
        Integer known = numbers.get(of);
        if (known != null) {
            return known;
        }
        if (of instanceof COSDictionary d && COSName.OCG.equals(d.getDictionaryObject(COSName.TYPE))) {
            // A layer is shown or hidden by itself, however like another file's it is.
            return number(of);
        }
        if (sharing.contains(of)) {
            // It refers to itself: it has a number at once, and is like no other.
            int number = fresh();
            numbers.put(of, number);
            return number;
        }
        sharing.add(of);
        ObjectText text = new ObjectText(this, true);
        byte[] body = of instanceof COSStream s ? text.dictionary(s) : text.of(of);
        sharing.remove(of);
        Integer meanwhile = numbers.get(of);
        if (meanwhile != null) {
            put(meanwhile, of, body);
            return meanwhile;
        }
        Digest digest = of instanceof COSStream s ? Digest.of(body, s, chunk) : Digest.of(body);
        Integer same = shared.get(digest);
        int number = same == null ? fresh() : same;
        numbers.put(of, number);
        if (same == null) {
            shared.put(digest, number);
            put(number, of, body);
        }
        return number;
    }

    private void put(int number, COSBase of, byte[] body) throws IOException {
        if (of instanceof COSStream s) {
            stream(number, s, body);
        } else {
            pack(number, body);
        }
    }

    /** A stream of the source with its bytes as they are. */
    private void stream(int number, COSStream stream, byte[] dictionary) throws IOException {
        try (InputStream raw = stream.createRawInputStream()) {
            stream(number, dictionary, raw, stream.getLength());
        }
    }

    /**
     * A stream.
     *
     * @param dictionary as text, without its end and without a length
     * @param length how many bytes there are
     */
    void stream(int number, byte[] dictionary, InputStream raw, long length) throws IOException {
        at[number] = out.count();
        text(number + " 0 obj\n");
        out.write(dictionary);
        text("/Length " + length + ">>\nstream\n");
        long left = length;
        while (left > 0) {
            int n = raw.read(chunk, 0, (int) Math.min(chunk.length, left));
            if (n < 0) {
                throw new IOException("a stream ends before its end");
            }
            out.write(chunk, 0, n);
            left -= n;
        }
        text("\nendstream\nendobj\n");
    }

    /** A stream with the bytes of another one, as they are packed there; the same for equal ones. */
    int shared(COSDictionary dictionary, COSStream packed) throws IOException {
        COSDictionary with = new COSDictionary(dictionary);
        for (COSName key : List.of(COSName.FILTER, COSName.DECODE_PARMS)) {
            COSBase value = packed.getDictionaryObject(key);
            if (value != null) {
                with.setItem(key, value);
            }
        }
        byte[] body = new ObjectText(this, false).dictionary(with);
        Digest digest = Digest.of(body, packed, chunk);
        Integer same = shared.get(digest);
        if (same != null) {
            return same;
        }
        int number = fresh();
        shared.put(digest, number);
        stream(number, packed, body);
        return number;
    }

    /** A new stream, packed here. */
    void stream(int number, COSDictionary dictionary, byte[] content) throws IOException {
        byte[] packed = deflated(content);
        COSDictionary with = new COSDictionary(dictionary);
        with.setItem(COSName.FILTER, COSName.FLATE_DECODE);
        stream(
                number,
                new ObjectText(this, false).dictionary(with),
                new java.io.ByteArrayInputStream(packed),
                packed.length);
    }

    private static byte[] deflated(byte[] content) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream(content.length / 2 + 64);
        Deflater deflater = new Deflater(LEVEL);
        try (DeflaterOutputStream to = new DeflaterOutputStream(packed, deflater)) {
            to.write(content);
        } finally {
            deflater.end();
        }
        return packed.toByteArray();
    }

    /** Objects that are no streams are packed together. */
    private void pack(int number, byte[] body) throws IOException {
        togetherAt.add(new int[] {number, together.size()});
        together.write(body);
        together.write('\n');
        if (togetherAt.size() == OBJECTS_TOGETHER || together.size() > BYTES_TOGETHER) {
            flush();
        }
    }

    private void flush() throws IOException {
        if (togetherAt.isEmpty()) {
            return;
        }
        int holder = fresh();
        StringBuilder index = new StringBuilder();
        for (int i = 0; i < togetherAt.size(); i++) {
            int[] each = togetherAt.get(i);
            index.append(each[0]).append(' ').append(each[1]).append(' ');
            at[each[0]] = -1L - holder;
            place[each[0]] = i;
        }
        byte[] head = index.toString().getBytes(StandardCharsets.US_ASCII);
        COSDictionary dictionary = new COSDictionary();
        dictionary.setItem(COSName.TYPE, COSName.OBJ_STM);
        dictionary.setInt(COSName.N, togetherAt.size());
        dictionary.setInt(COSName.FIRST, head.length);
        ByteArrayOutputStream all = new ByteArrayOutputStream(head.length + together.size());
        all.write(head);
        together.writeTo(all);
        togetherAt.clear();
        together.reset();
        stream(holder, dictionary, all.toByteArray());
    }

    /**
     * Writes the end of the file; nothing can be added then.
     *
     * @param root the catalogue's number
     * @param info the number of what is told of the file, 0 for nothing
     */
    void finish(int root, int info) throws IOException {
        drain();
        flush();
        int own = fresh();
        long start = out.count();
        at[own] = start;
        int wide = start > 0xFFFF_FFFFL ? 6 : 4;
        ByteArrayOutputStream table = new ByteArrayOutputStream((last + 1) * (wide + 3));
        row(table, 0, 0, 0xFFFF, wide);
        for (int n = 1; n <= last; n++) {
            if (at[n] == 0) {
                row(table, 0, 0, 0xFFFF, wide);
            } else if (at[n] < 0) {
                row(table, 2, -1L - at[n], place[n], wide);
            } else {
                row(table, 1, at[n], 0, wide);
            }
        }
        COSDictionary dictionary = new COSDictionary();
        dictionary.setItem(COSName.TYPE, COSName.XREF);
        dictionary.setInt(COSName.SIZE, last + 1);
        dictionary.setItem(COSName.W, org.apache.pdfbox.cos.COSArray.ofCOSIntegers(List.of(1, wide, 2)));
        dictionary.setItem(COSName.ROOT, new Ref(root));
        if (info > 0) {
            dictionary.setItem(COSName.INFO, new Ref(info));
        }
        stream(own, dictionary, table.toByteArray());
        text("startxref\n" + start + "\n%%EOF\n");
        out.flush();
    }

    private static void row(ByteArrayOutputStream table, int type, long where, int index, int wide) {
        table.write(type);
        for (int shift = 8 * (wide - 1); shift >= 0; shift -= 8) {
            table.write((int) (where >> shift) & 255);
        }
        table.write(index >> 8 & 255);
        table.write(index & 255);
    }

    private void text(String ascii) throws IOException {
        out.write(ascii.getBytes(StandardCharsets.US_ASCII));
    }
}
