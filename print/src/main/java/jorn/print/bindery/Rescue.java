package jorn.print.bindery;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.MappedByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import jorn.scratch.Scratch;

/**
 * Finds what is left of a file of which the end is lost, and with it the tree of pages: every object that says of itself that it is a page, whether it
 * stands alone or in a stream of objects (ISO 32000-1, 7.3.10 and 7.5.7). A copy with a new tree is what can be read.
 */
final class Rescue {
    private static final int HEAD = 8192;
    private static final int TAIL = 2048;
    private static final int MOST_PACKED = 64_000_000;
    private static final int CHUNK = 1 << 16;
    private static final int MOST_DIGITS = 10;
    private static final Pattern PAGE = Pattern.compile("/Type\\s*/Page(?![A-Za-z])");
    private static final Pattern NODE = Pattern.compile("/Type\\s*/Pages");
    private static final Pattern PAGE_COUNT = Pattern.compile("/Count\\s+(\\d+)");
    private static final Pattern LINEARIZED = Pattern.compile("/Linearized");
    private static final Pattern PACKED = Pattern.compile("/Type\\s*/ObjStm");
    private static final Pattern COUNT = Pattern.compile("/N\\s+(\\d+)");
    private static final Pattern FIRST = Pattern.compile("/First\\s+(\\d+)");
    private static final Pattern TABLE_AT = Pattern.compile("startxref\\s+(\\d{1,15})");
    private static final Pattern TABLE = Pattern.compile("\\s*(xref|\\d+\\s+\\d+\\s+obj)");
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    private final ByteBuffer bytes;
    /** Pages by where they are found. */
    private final TreeMap<Long, Integer> pages = new TreeMap<>();

    /** Numbers of objects that no file can have: in the copy they are blank, for a reader stops at them. */
    private final List<Digits> impossible = new ArrayList<>();

    private record Digits(int from, int length) {}

    private int highest;
    /** How many pages the file had, where it still says so; 0 where it does not. */
    private int told;

    private Rescue(ByteBuffer bytes) {
        this.bytes = bytes;
    }

    /**
     * What is left.
     *
     * @param copy of the file, in which its pages are found again
     * @param told how many pages there were, where the file still says so; 0 where it does not
     */
    record Left(Path copy, int told) {}

    /** What is left of a file; nothing where it has no page. */
    static Optional<Left> of(Path file) throws IOException {
        Rescue rescue;
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            if (channel.size() > Integer.MAX_VALUE) {
                return Optional.empty();
            }
            MappedByteBuffer all = channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size());
            rescue = new Rescue(all);
            rescue.look();
        }
        if (rescue.pages.isEmpty()) {
            return Optional.empty();
        }
        Path copy = Scratch.newFile();
        Files.copy(file, copy);
        try (FileChannel out = FileChannel.open(copy, StandardOpenOption.WRITE)) {
            for (Digits each : rescue.impossible) {
                put(out, each.from(), " ".repeat(each.length()));
            }
            put(out, out.size(), rescue.tree());
        }
        return Optional.of(new Left(copy, rescue.told));
    }

    private static void put(FileChannel out, long at, String text) throws IOException {
        ByteBuffer all = ByteBuffer.wrap(text.getBytes(StandardCharsets.ISO_8859_1));
        while (all.hasRemaining()) {
            out.write(all, at + all.position());
        }
    }

    /** Whether the end of a file is not the end of a PDF. */
    static boolean isCut(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            return !text(channel, Math.max(0, channel.size() - TAIL), TAIL).contains("%%EOF");
        }
    }

    /** Whether a file says at its end where its table of objects is, and there is one (ISO 32000-1, 7.5.5). */
    static boolean hasTable(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            Matcher told = TABLE_AT.matcher(text(channel, Math.max(0, channel.size() - TAIL), TAIL));
            long at = -1;
            while (told.find()) {
                at = Long.parseLong(told.group(1));
            }
            return at >= 0
                    && at < channel.size()
                    && TABLE.matcher(text(channel, at, TAIL)).lookingAt();
        }
    }

    private static String text(FileChannel channel, long from, int most) throws IOException {
        ByteBuffer part = ByteBuffer.allocate(most);
        while (part.hasRemaining() && channel.read(part, from + part.position()) > 0) {
            // Until all of it is there.
        }
        return new String(part.array(), 0, part.position(), StandardCharsets.ISO_8859_1);
    }

    /** The number of the object in which a file breaks off; 0 where it breaks off between two. */
    static long cutObject(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            if (channel.size() > Integer.MAX_VALUE || !isCut(file)) {
                return 0;
            }
            Rescue rescue = new Rescue(channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size()));
            for (int i = rescue.bytes.limit() - 3; i > 2; i--) {
                if (rescue.isWord(i)) {
                    return rescue.bytes.get(i - 1) == 'd' ? 0 : rescue.numberBefore(i);
                }
            }
            return 0;
        }
    }

    private boolean isWord(int i) {
        return bytes.get(i) == 'o' && bytes.get(i + 1) == 'b' && bytes.get(i + 2) == 'j';
    }

    /** The root of a file that has these pages, to be put at its end. */
    private String tree() {
        StringBuilder kids = new StringBuilder();
        Set<Integer> once = new HashSet<>();
        for (int number : pages.values()) {
            if (once.add(number)) {
                kids.append(number).append(" 0 R ");
            }
        }
        int root = highest + 1;
        int all = highest + 2;
        return "\nendstream\nendobj\n" + root + " 0 obj\n<</Type/Catalog/Pages " + all + " 0 R>>\nendobj\n" + all
                + " 0 obj\n<</Type/Pages/Count " + once.size() + "/Kids[" + kids + "]>>\nendobj\ntrailer\n<</Root "
                + root
                + " 0 R/Size " + (all + 1) + ">>\nstartxref\n0\n%%EOF\n";
    }

    private void look() {
        for (int i = 0; i + 2 < bytes.limit(); i++) {
            if (isWord(i)) {
                int number = numberBefore(i);
                if (number > 0) {
                    highest = Math.max(highest, number);
                    object(number, i + 3);
                }
            }
        }
    }

    /** The first of the two numbers before an object; 0 where there are none. */
    private int numberBefore(int at) {
        int generation = digitsBefore(at);
        int from = generation < 0 ? -1 : digitsBefore(generation);
        if (from < 0) {
            return 0;
        }
        int first = from;
        while (first > 0 && isDigit(first - 1)) {
            first--;
        }
        long number = 0;
        int end = from;
        for (; isDigit(end); end++) {
            number = 10 * number + bytes.get(end) - '0';
        }
        if (first < from || number >= Integer.MAX_VALUE - 2) {
            impossible.add(new Digits(first, end - first));
            return 0;
        }
        return (int) number;
    }

    private boolean isDigit(int at) {
        return bytes.get(at) >= '0' && bytes.get(at) <= '9';
    }

    /** Where the digits begin that stand before a place, with white space between; -1 where there are none. */
    private int digitsBefore(int at) {
        int i = at - 1;
        while (i >= 0 && bytes.get(i) <= ' ' && bytes.get(i) >= 0) {
            i--;
        }
        int end = i;
        while (i >= 0 && isDigit(i) && end - i < MOST_DIGITS) {
            i--;
        }
        // Between the two numbers there is white space; before the word there may be none.
        boolean apart = end < at - 1 || bytes.get(at) == 'o';
        return i == end || !apart ? -1 : i + 1;
    }

    private void object(int number, int from) {
        String head = text(from, HEAD);
        int ends = head.indexOf("endobj");
        int stream = head.indexOf("stream");
        // What comes behind is another object's, or no words at all.
        int end = Math.min(ends < 0 ? head.length() : ends, stream < 0 ? head.length() : stream);
        String dictionary = head.substring(0, end);
        tell(dictionary, NODE, PAGE_COUNT);
        tell(dictionary, LINEARIZED, COUNT);
        if (stream == end && PACKED.matcher(dictionary).find()) {
            packed(dictionary, from + stream + "stream".length());
        } else if (PAGE.matcher(dictionary).find() && (end < head.length() || head.length() == HEAD)) {
            // One that breaks off with the file is none.
            pages.put((long) from << 20, number);
        }
    }

    /** A node of the tree says how many pages are below it; a file for fast first pages says it at its beginning (annex F). */
    private void tell(String dictionary, Pattern what, Pattern count) {
        if (what.matcher(dictionary).find()) {
            Matcher number = count.matcher(dictionary);
            if (number.find() && number.group(1).length() < MOST_DIGITS) {
                told = Math.max(told, Integer.parseInt(number.group(1)));
            }
        }
    }

    private static boolean isTooLong(String number) {
        return number.length() >= MOST_DIGITS;
    }

    private String text(int from, int most) {
        int length = Math.min(most, bytes.limit() - from);
        byte[] part = new byte[length];
        bytes.get(from, part);
        return new String(part, StandardCharsets.ISO_8859_1);
    }

    /** Objects that stand together in a stream; as many as can still be unpacked. */
    private void packed(String dictionary, int after) {
        Matcher count = COUNT.matcher(dictionary);
        Matcher first = FIRST.matcher(dictionary);
        if (!count.find() || !first.find() || isTooLong(count.group(1)) || isTooLong(first.group(1))) {
            return;
        }
        int from = after;
        if (from < bytes.limit() && bytes.get(from) == '\r') {
            from++;
        }
        if (from < bytes.limit() && bytes.get(from) == '\n') {
            from++;
        }
        String all = dictionary.contains("/FlateDecode") ? unpacked(from) : text(from, MOST_PACKED);
        int begin = Integer.parseInt(first.group(1));
        if (begin > all.length()) {
            return;
        }
        List<Integer> index = new ArrayList<>();
        Matcher numbers = NUMBER.matcher(all.substring(0, begin));
        while (numbers.find() && index.size() < 2 * Integer.parseInt(count.group(1))) {
            if (isTooLong(numbers.group())) {
                // No object has such a number: what stands behind it cannot be told.
                break;
            }
            index.add(Integer.parseInt(numbers.group()));
        }
        for (int i = 0; i + 1 < index.size(); i += 2) {
            int own = begin + index.get(i + 1);
            int end = i + 3 < index.size() ? begin + index.get(i + 3) : all.length();
            highest = Math.max(highest, index.get(i));
            if (own >= 0
                    && own < end
                    && end <= all.length()
                    && PAGE.matcher(all.substring(own, end)).find()) {
                pages.put(((long) after << 20) + i, index.get(i));
            }
        }
    }

    private String unpacked(int from) {
        Inflater inflater = new Inflater();
        try {
            ByteBuffer rest = bytes.duplicate();
            rest.position(from);
            inflater.setInput(rest);
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            byte[] chunk = new byte[CHUNK];
            int got = 1;
            while (got > 0 && all.size() < MOST_PACKED) {
                got = inflate(inflater, chunk);
                all.write(chunk, 0, got);
            }
            return all.toString(StandardCharsets.ISO_8859_1);
        } finally {
            inflater.end();
        }
    }

    /** What is cut off or damaged ends there. */
    private static int inflate(Inflater inflater, byte[] chunk) {
        try {
            return inflater.inflate(chunk);
        } catch (DataFormatException e) {
            java.util.logging.Logger.getLogger(Rescue.class.getName()).fine(() -> "Damaged: " + e.getMessage());
            return 0;
        }
    }
}
