package jorn.print.export;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.Locale;
import java.util.stream.Collectors;
import jorn.book.Book;
import jorn.say.Wording;

/** Names of files, made of titles, that every system takes. */
public final class FileNames {
    private static final int MOST_LETTERS = 60;

    /** Most file systems take 255 bytes; the rest is for what stands behind the title. */
    private static final int MOST_BYTES = 200;

    private static final int ID_LETTERS = 8;

    private FileNames() {}

    /**
     * The name of a book's files without what stands behind it. A book without a title that could be a name gets one of its own, so
     * that no other book's files are written over.
     */
    public static String of(Book book) {
        String name = of(book.title());
        return name.isEmpty()
                ? Wording.of("print.exporter.untitled") + "-"
                        + book.identity().id().toString().substring(0, ID_LETTERS)
                : name;
    }

    /** "Hive Notes" becomes "hive-notes", a bee "honeybee"; empty where nothing of it can be a name. */
    static String of(String title) {
        String spelled = title.codePoints().mapToObj(FileNames::spelled).collect(Collectors.joining());
        String plain = Normalizer.normalize(spelled, Normalizer.Form.NFKD).replaceAll("\\p{M}", "");
        String name = plain.toLowerCase(Locale.ROOT)
                .replaceAll("['’]", "")
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        return shortened(name, MOST_LETTERS);
    }

    /** A picture sign by its name in Unicode; letters as they are. */
    private static String spelled(int c) {
        boolean sign = Character.getType(c) == Character.OTHER_SYMBOL;
        String called = sign ? Character.getName(c) : null;
        return called == null ? Character.toString(c) : " " + called + " ";
    }

    private static String shortened(String name, int letters) {
        int[] all = name.codePoints().toArray();
        int most = Math.min(letters, all.length);
        String now = new String(all, 0, most);
        while (now.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            now = new String(all, 0, --most);
        }
        return now.replaceAll("-+$", "");
    }

    /** A name beside a file that no file has: hive-2.jorn. */
    public static Path free(Path file) {
        String name = String.valueOf(file.getFileName());
        int point = name.lastIndexOf('.');
        String ending = point < 0 ? "" : name.substring(point);
        String stem = shortened(point < 0 ? name : name.substring(0, point), Integer.MAX_VALUE);
        for (int i = 2; ; i++) {
            Path wanted = file.resolveSibling(stem + "-" + i + ending);
            if (!Files.exists(wanted)) {
                return wanted;
            }
        }
    }
}
