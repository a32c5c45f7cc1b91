package jorn.text;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.measure.Trouble;
import jorn.scratch.Scratch;
import org.jspecify.annotations.Nullable;

/** One face of a typeface, such as its bold: a TrueType file that ships with Jorn, loaded when first used. */
public final class Face {
    /** Sizes at which outlines are measured; large, so that hinting and rounding play no part. */
    static final float EM = 1000;

    static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    private final String id;
    private final String file;
    private byte @Nullable [] bytes;
    private @Nullable Font font;
    private double capHeight;
    private double xHeight;

    Face(String id, String file) {
        this.id = id;
        this.file = file;
    }

    /** A face whose file was brought in. */
    Face(String id, byte[] bytes) {
        this(id, "");
        this.bytes = bytes;
    }

    /** Short and lasting: {@code alegreya-bold}. */
    public String id() {
        return id;
    }

    /** The TrueType file. */
    public synchronized byte[] bytes() {
        if (bytes == null) {
            try (InputStream in = Face.class.getResourceAsStream("fonts/" + file)) {
                bytes = in.readAllBytes();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return bytes;
    }

    /** The platform's font, 1000 points large, for shaping and for painting. */
    public synchronized Font font() {
        if (font == null) {
            try {
                // A file of our own: the platform would make one anyhow, and leave it behind when the program is
                // stopped.
                font = Font.createFont(Font.TRUETYPE_FONT, onDisk().toFile()).deriveFont(EM);
            } catch (FontFormatException e) {
                throw new IllegalStateException("The face " + file + " that ships with Jorn is damaged.", e);
            } catch (IOException e) {
                throw Scratch.noRoom(e);
            } catch (InternalError | NullPointerException e) {
                // What Java says where the machine has no list of typefaces.
                throw Trouble.because(e, "text.face.no-type-system");
            }
            capHeight = height(font, "H");
            xHeight = height(font, "x");
        }
        return font;
    }

    private Path onDisk() throws IOException {
        return Files.write(Scratch.newFile(), bytes());
    }

    /** Height of a capital as a share of the type size. */
    public double capHeight() {
        font();
        return capHeight;
    }

    /** Height of a small letter without ascender as a share of the type size. */
    public double xHeight() {
        font();
        return xHeight;
    }

    /** Whether the face has a glyph for every character. */
    public boolean canWrite(String text) {
        return font().canDisplayUpTo(text) < 0;
    }

    /** How many characters of a text have no glyph here. */
    long lacking(String text) {
        Font own = font();
        return text.codePoints()
                .filter(c -> TypeShelf.isSeen(c) && !own.canDisplay(c))
                .count();
    }

    private double height(Font font, String letter) {
        Rectangle2D b = font.createGlyphVector(CONTEXT, letter).getVisualBounds();
        return -b.getMinY() / EM;
    }

    @Override
    public String toString() {
        return id;
    }
}
