package jorn.pattern.page;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.shape.Silhouettes;
import jorn.text.Face;
import jorn.text.TypeShelf;
import jorn.text.Typeface;

/**
 * Words as the outlines of their letters, broken into as many lines as make them largest; a single word only where whole it would be too small to
 * colour.
 */
record HollowWords(String text) {
    private static final int MOST_LINES = 8;
    private static final double LEADING = 0.98;

    /** Type size from which letters have room for fields to colour, in points. */
    private static final double LARGE = 90;

    /** The letters, as large as a box holds them, in its middle. */
    Shape in(Box box) {
        Shape best = new Path2D.Double();
        double most = 0;
        for (List<String> lines : breaks()) {
            Path2D set = set(lines);
            Rectangle2D b = set.getBounds2D();
            double size = Math.min(box.width() / b.getWidth(), box.height() / b.getHeight());
            if (size > most) {
                most = size;
                best = PatternWindow.fitted(set, box);
            }
            if (isOneWord() && size >= LARGE) {
                // Nobody breaks a word that can be coloured whole.
                return best;
            }
        }
        return best;
    }

    private boolean isOneWord() {
        return words().length == 1;
    }

    private String[] words() {
        return text.strip().split("\\s+");
    }

    private static Path2D set(List<String> lines) {
        Face face = TypeShelf.typeface("fredoka").face(Typeface.Style.BOLD);
        Path2D.Double all = new Path2D.Double();
        double y = 0;
        for (String line : lines) {
            Shape s = Silhouettes.letters(line, face);
            Rectangle2D b = s.getBounds2D();
            all.append(AffineTransform.getTranslateInstance(-b.getCenterX(), y).createTransformedShape(s), false);
            y += LEADING;
        }
        return all;
    }

    /** At its spaces; a single word also anywhere, into equal parts. */
    private List<List<String>> breaks() {
        List<List<String>> all = new ArrayList<>();
        String[] words = words();
        if (isOneWord()) {
            int letters = words[0].codePointCount(0, words[0].length());
            for (int lines = 1; lines <= Math.min(MOST_LINES, letters); lines++) {
                int each = (letters + lines - 1) / lines;
                List<String> parts = new ArrayList<>();
                for (int from = 0; from < letters; from += each) {
                    parts.add(words[0].substring(
                            words[0].offsetByCodePoints(0, from),
                            words[0].offsetByCodePoints(0, Math.min(letters, from + each))));
                }
                all.add(parts);
            }
            return all;
        }
        for (int lines = 1; lines <= Math.min(MOST_LINES, words.length); lines++) {
            all.add(filled(words, lines));
        }
        return all;
    }

    /** Words shared out among lines so that none is much longer than the others. */
    private static List<String> filled(String[] words, int lines) {
        int letters = String.join(" ", words).length();
        List<String> parts = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words) {
            boolean full = line.length() + word.length() / 2 >= (double) letters / lines && parts.size() < lines - 1;
            if (!line.isEmpty() && full) {
                parts.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        parts.add(line.toString());
        return parts;
    }
}
