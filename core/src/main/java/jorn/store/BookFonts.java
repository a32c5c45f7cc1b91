package jorn.store;

import java.io.IOException;
import java.io.InputStream;
import java.util.TreeSet;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import jorn.measure.Trouble;
import jorn.text.OwnFaces;

/** The user's own typefaces in a book's file, so that the book looks the same on another machine. */
final class BookFonts {
    private static final Logger LOG = Logger.getLogger(BookFonts.class.getName());
    private static final String FOLDER = "fonts/";
    private static final Pattern ID = Pattern.compile(OwnFaces.PREFIX + "[0-9a-f]{12}");
    private static final int LARGEST = 20_000_000;
    private static final int MOST = 40;

    private BookFonts() {}

    /** Writes those that a book names. */
    static void write(String json, ZipOutputStream zip) throws IOException {
        TreeSet<String> named = new TreeSet<>();
        Matcher found = ID.matcher(json);
        while (found.find()) {
            named.add(found.group());
        }
        for (String id : named) {
            var own = OwnFaces.find(id);
            if (own.isPresent()) {
                zip.putNextEntry(new ZipEntry(FOLDER + id + ".ttf"));
                zip.write(own.get().regular().bytes());
                zip.closeEntry();
            }
        }
    }

    /** Takes in those that a file carries; one that cannot be used is passed over, and its words are set in another. */
    static void take(ZipFile zip) throws IOException {
        int taken = 0;
        for (var entries = zip.entries(); entries.hasMoreElements() && taken < MOST; ) {
            ZipEntry entry = entries.nextElement();
            if (entry.getName().startsWith(FOLDER) && !entry.isDirectory()) {
                taken++;
                try (InputStream in = zip.getInputStream(entry)) {
                    OwnFaces.add(entry.getName(), in.readNBytes(LARGEST));
                } catch (Trouble t) {
                    LOG.log(Level.WARNING, "A typeface in a book cannot be used.", t);
                }
            }
        }
    }
}
