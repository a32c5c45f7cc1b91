package jorn.text;

import java.awt.Font;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.text.Bidi;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import jorn.art.GlyphRun;

/**
 * Turns a line of text into glyphs with the platform's own engine: kerning, ligatures, marks, and right-to-left order.
 */
public final class Shaper {
    private static final int KEPT = 4000;
    private static final Map<Key, GlyphRun> MADE = new LinkedHashMap<>(256, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, GlyphRun> eldest) {
            return size() > KEPT;
        }
    };

    private record Key(String face, double size, String text) {}

    private Shaper() {}

    /** Shapes one line. */
    public static GlyphRun shape(Face face, double size, String text) {
        Key key = new Key(face.id(), size, text);
        synchronized (MADE) {
            GlyphRun made = MADE.get(key);
            if (made == null) {
                made = layOut(face, size, text);
                MADE.put(key, made);
            }
            return made;
        }
    }

    /** How wide a line is at one point of type size; multiply by the size. */
    public static double widthPerPoint(Face face, String text) {
        return shape(face, 1, text).width();
    }

    /**
     * Shapes one line with room between its letters.
     *
     * @param tracking the room, in type sizes; 0 for none
     */
    public static GlyphRun shape(Face face, double size, String text, double tracking) {
        GlyphRun set = shape(face, size, text);
        if (tracking == 0) {
            return set;
        }
        double[] x = set.x().clone();
        for (int i = 1; i < x.length; i++) {
            // None behind the last letter, so that the line can be centred.
            x[i] += tracking * size * Math.min(i, x.length - 2);
        }
        return new GlyphRun(set.face(), size, set.glyphs(), x, text, set.plain());
    }

    private static GlyphRun layOut(Face face, double size, String text) {
        Map<TextAttribute, Object> fine = new HashMap<>();
        fine.put(TextAttribute.KERNING, TextAttribute.KERNING_ON);
        fine.put(TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON);
        Font font = face.font().deriveFont(fine);
        char[] chars = text.toCharArray();
        boolean rightToLeft = Bidi.requiresBidi(chars, 0, chars.length)
                && new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT).getBaseLevel() == 1;
        GlyphVector v = font.layoutGlyphVector(
                Face.CONTEXT,
                chars,
                0,
                chars.length,
                rightToLeft ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT);
        int n = v.getNumGlyphs();
        double scale = size / Face.EM;
        int[] glyphs = new int[n];
        double[] x = new double[n + 1];
        int kept = 0;
        boolean plain = n == chars.length;
        for (int i = 0; i < n; i++) {
            int code = v.getGlyphCode(i);
            plain &= v.getGlyphCharIndex(i) == i && code < 0xFFFE;
            if (code < 0xFFFE) {
                glyphs[kept] = code;
                x[kept++] = v.getGlyphPosition(i).getX() * scale;
            }
        }
        x[kept] = v.getGlyphPosition(n).getX() * scale;
        if (plain) {
            // Where the engine took another form of a letter, readers do not know it by the face's own table of
            // characters.
            GlyphVector own = font.createGlyphVector(Face.CONTEXT, chars);
            for (int i = 0; i < n && plain; i++) {
                plain = own.getGlyphCode(i) == glyphs[i];
            }
        }
        return new GlyphRun(
                face.id(),
                size,
                java.util.Arrays.copyOf(glyphs, kept),
                java.util.Arrays.copyOf(x, kept + 1),
                text,
                plain);
    }
}
