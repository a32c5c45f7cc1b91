package jorn.text;

import java.awt.Font;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
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

    /** Shapes one line; where the face lacks a letter, another that has it takes over the whole of it. */
    public static GlyphRun shape(Face face, double size, String text) {
        Key key = new Key(face.id(), size, text);
        synchronized (MADE) {
            GlyphRun made = MADE.get(key);
            if (made != null) {
                return made;
            }
        }
        // Others shape meanwhile; two who shape the same get the same.
        GlyphRun made = layOut(TypeShelf.able(face, text), size, text);
        synchronized (MADE) {
            GlyphRun others = MADE.putIfAbsent(key, made);
            return others == null ? made : others;
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
        if (tracking == 0 || isJoined(text)) {
            return set;
        }
        double[] x = set.x().clone();
        for (int i = 1; i < x.length; i++) {
            // None behind the last letter, so that the line can be centred.
            x[i] += tracking * size * Math.min(i, x.length - 2);
        }
        return new GlyphRun(set.face(), size, set.glyphs(), x, text, set.plain());
    }

    /** Letters of a joined script stay joined: room between them would tear the words apart. */
    private static boolean isJoined(String text) {
        return text.codePoints().anyMatch(c -> Character.UnicodeScript.of(c) == Character.UnicodeScript.ARABIC);
    }

    private static GlyphRun layOut(Face face, double size, String text) {
        Map<TextAttribute, Object> fine = new HashMap<>();
        fine.put(TextAttribute.KERNING, TextAttribute.KERNING_ON);
        fine.put(TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON);
        Font font = face.font().deriveFont(fine);
        char[] chars = text.toCharArray();
        if (!Bidi.requiresBidi(chars, 0, chars.length)) {
            Line line = new Line(size / Face.EM, chars.length);
            line.add(font.layoutGlyphVector(Face.CONTEXT, chars, 0, chars.length, Font.LAYOUT_LEFT_TO_RIGHT));
            return line.run(face, font, size, text);
        }
        // Stretches of one direction, in the order in which they are seen (Unicode Standard Annex 9).
        Bidi bidi = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        int n = bidi.getRunCount();
        byte[] levels = new byte[n];
        Integer[] order = new Integer[n];
        for (int i = 0; i < n; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            order[i] = i;
        }
        Bidi.reorderVisually(levels, 0, order, 0, n);
        Line line = new Line(size / Face.EM, -1);
        for (int i : order) {
            boolean left = bidi.getRunLevel(i) % 2 == 1;
            line.add(font.layoutGlyphVector(
                    Face.CONTEXT,
                    chars,
                    bidi.getRunStart(i),
                    bidi.getRunLimit(i),
                    left ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT));
        }
        return line.run(face, font, size, text);
    }

    /** Glyphs as they are gathered, stretch by stretch. */
    private static final class Line {
        private final double scale;
        private final List<Integer> glyphs = new ArrayList<>();
        private final List<Double> x = new ArrayList<>();
        private double width;
        private boolean plain;

        /** @param letters of a line whose glyphs stand in their order; -1 where they may not */
        Line(double scale, int letters) {
            this.scale = scale;
            this.plain = letters >= 0;
        }

        void add(GlyphVector v) {
            for (int i = 0; i < v.getNumGlyphs(); i++) {
                int code = v.getGlyphCode(i);
                plain &= v.getGlyphCharIndex(i) == i && code < 0xFFFE;
                if (code < 0xFFFE) {
                    glyphs.add(code);
                    x.add(width + v.getGlyphPosition(i).getX() * scale);
                }
            }
            width += v.getGlyphPosition(v.getNumGlyphs()).getX() * scale;
        }

        GlyphRun run(Face face, Font font, double size, String text) {
            boolean each = plain && glyphs.size() == text.length();
            if (each) {
                // Where the engine took another form of a letter, readers do not know it by the face's own table of
                // characters.
                GlyphVector own = font.createGlyphVector(Face.CONTEXT, text.toCharArray());
                for (int i = 0; i < glyphs.size() && each; i++) {
                    each = own.getGlyphCode(i) == glyphs.get(i);
                }
            }
            x.add(width);
            return new GlyphRun(
                    face.id(),
                    size,
                    glyphs.stream().mapToInt(Integer::intValue).toArray(),
                    x.stream().mapToDouble(Double::doubleValue).toArray(),
                    text,
                    each);
        }
    }
}
