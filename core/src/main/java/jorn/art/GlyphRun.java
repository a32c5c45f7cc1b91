package jorn.art;

import java.util.Arrays;

/**
 * One line of shaped text: which glyphs of which face, where, and the characters that they stand for.
 *
 * @param face id of the face that the glyph numbers belong to
 * @param size in points
 * @param glyphs glyph numbers in the face, in visual order
 * @param x where each glyph stands from the start of the run, in points; one more entry than glyphs, the last being the
 *     whole advance
 * @param text the characters, in reading order
 * @param plain whether each glyph stands for exactly one character in order, so that no reader needs to be told the text
 */
@SuppressWarnings("ArrayRecordComponent") // compared by identity or by what it says; nobody changes it
public record GlyphRun(String face, double size, int[] glyphs, double[] x, String text, boolean plain) {
    /** The whole advance in points. */
    public double width() {
        return x[x.length - 1];
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof GlyphRun g
                && face.equals(g.face)
                && size == g.size
                && text.equals(g.text)
                && Arrays.equals(glyphs, g.glyphs)
                && Arrays.equals(x, g.x);
    }

    @Override
    public int hashCode() {
        return face.hashCode() * 31 + text.hashCode() * 17 + Double.hashCode(size);
    }

    @Override
    public String toString() {
        return "“" + text + "” in " + face + " " + size + " pt";
    }
}
