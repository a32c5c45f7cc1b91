package jorn.text;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.scratch.Blob;
import jorn.scratch.Checksum;
import jorn.text.Typeface.Style;

/**
 * Typefaces that the user brought in, each one TrueType file. They are known by a checksum, so that a book which carries its file finds
 * it again. Whether a face may be embedded is said in its own file (OpenType specification, OS/2 table, fsType); whether it may be used
 * for something that is sold is not.
 */
public final class OwnFaces {
    /** What their ids begin with. */
    public static final String PREFIX = "own-";

    private static final Logger LOG = Logger.getLogger(OwnFaces.class.getName());
    private static final int ID_LETTERS = 12;
    private static final int TRUETYPE = 0x00010000;
    private static final int TRUE = 0x74727565;
    private static final int CFF = 0x4F54544F;
    private static final int OS2 = 0x4F532F32;
    private static final int FS_TYPE = 8;
    private static final int USAGE = 0xF;
    private static final int RESTRICTED = 2;
    private static final int NO_SUBSET = 0x100;
    private static final int BITMAPS_ONLY = 0x200;
    private static final int LARGEST = 20_000_000;

    private static final Map<String, Typeface> KNOWN = new ConcurrentHashMap<>();
    private static final Map<String, Face> FACES = new ConcurrentHashMap<>();

    private OwnFaces() {}

    /**
     * Takes a typeface in.
     *
     * @param name of its file, for what is said of it
     * @throws Trouble where it is no TrueType face, is damaged, or says of itself that it may not be embedded in parts
     */
    public static Typeface add(String name, byte[] bytes) {
        String id = PREFIX + Checksum.of(Blob.of(bytes), ID_LETTERS);
        Typeface known = KNOWN.get(id);
        if (known != null) {
            return known;
        }
        refuse(name, bytes);
        String called;
        try {
            called = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(bytes))
                    .getFontName();
        } catch (FontFormatException | IOException | RuntimeException e) {
            throw Trouble.because(e, "text.own-faces.damaged", name);
        }
        Face face = new Face(id + "-regular", bytes);
        Typeface own = new Typeface(id, called, Wording.of("text.manner.own"), Map.of(Style.REGULAR, face));
        FACES.put(face.id(), face);
        KNOWN.put(id, own);
        return own;
    }

    private static void refuse(String name, byte[] bytes) {
        if (bytes.length < 12 || bytes.length > LARGEST) {
            throw Trouble.of("text.own-faces.damaged", name);
        }
        ByteBuffer in = ByteBuffer.wrap(bytes);
        int kind = in.getInt(0);
        if (kind == CFF) {
            throw Trouble.of("text.own-faces.cff", name);
        }
        if (kind != TRUETYPE && kind != TRUE) {
            throw Trouble.of("text.own-faces.no-face", name);
        }
        int usage = usage(in, name);
        if ((usage & USAGE) == RESTRICTED || (usage & BITMAPS_ONLY) != 0) {
            throw Trouble.of("text.own-faces.restricted", name);
        }
        if ((usage & NO_SUBSET) != 0) {
            throw Trouble.of("text.own-faces.whole-only", name);
        }
    }

    /** What the OS/2 table says of embedding; 0, anything goes, where there is none. */
    private static int usage(ByteBuffer in, String name) {
        try {
            int tables = in.getShort(4) & 0xFFFF;
            for (int i = 0; i < tables; i++) {
                int at = 12 + 16 * i;
                if (in.getInt(at) == OS2) {
                    return in.getShort(in.getInt(at + 8) + FS_TYPE) & 0xFFFF;
                }
            }
            return 0;
        } catch (IndexOutOfBoundsException e) {
            throw Trouble.because(e, "text.own-faces.damaged", name);
        }
    }

    /** Takes in all that lie in a folder; one that cannot be used is passed over. */
    public static void from(Path folder) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.toString().endsWith(".ttf")).toList()) {
                take(file);
            }
        } catch (IOException e) {
            LOG.log(Level.WARNING, "The folder of typefaces cannot be read.", e);
        }
    }

    private static void take(Path file) {
        try {
            add(String.valueOf(file.getFileName()), Files.readAllBytes(file));
        } catch (IOException | Trouble e) {
            LOG.log(Level.WARNING, "A typeface cannot be used: " + file.getFileName(), e);
        }
    }

    public static Optional<Typeface> find(String id) {
        return Optional.ofNullable(KNOWN.get(id));
    }

    static Optional<Face> face(String id) {
        return Optional.ofNullable(FACES.get(id));
    }

    public static List<Typeface> all() {
        return new ArrayList<>(KNOWN.values());
    }

    /** Stands for a typeface that a book names and nobody has here: the words are set in another. */
    static Typeface missing(String id) {
        return new Typeface(
                id,
                Wording.of("text.own-faces.missing"),
                Wording.of("text.manner.own"),
                TypeShelf.typeface("work-sans").faces());
    }
}
