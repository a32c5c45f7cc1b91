package jorn.print.read;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Turn;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.util.Matrix;

/** Puts the glyphs of a page together to words: as long as they follow each other on a line in one size and ink. */
final class WordReader {
    /** A larger step than this share of the size begins other words. */
    private static final double GAP = 1.2;

    private static final double SLACK = 0.05;

    /** A glyph as it is shown. */
    record Letter(PDFont font, int code, double advance) {
        /** Where the file does not say what a glyph stands for, a sign that is no blank. */
        String text() {
            String said = font.toUnicode(code);
            return said == null ? "\uFFFD" : said;
        }
    }

    /**
     * How words are shown.
     *
     * @param within what is seen of the page there, in its points
     * @param alpha how much they cover, 0 to 1
     */
    record Showing(Box within, double alpha) {}

    /** From the file's points to the page's. */
    interface Points {
        double[] of(double x, double y);
    }

    private final BiConsumer<Mark, Showing> out;
    private final StringBuilder text = new StringBuilder();
    private final List<Double> xs = new ArrayList<>();
    private String face = "";
    private Ink ink = Ink.BLACK;
    private Showing showing = new Showing(new Box(0, 0, 0, 0), 1);
    private double size;
    private double cos;
    private double sin;
    private double[] from = new double[2];
    private double end;

    WordReader(BiConsumer<Mark, Showing> out) {
        this.out = out;
    }

    void glyph(Matrix m, Letter letter, Ink now, Showing how, Points points) {
        double high = Math.hypot(m.getShearX(), m.getScaleY());
        double wide = Math.hypot(m.getScaleX(), m.getShearY());
        if (high == 0 || wide == 0) {
            return;
        }
        double[] at = points.of(m.getTranslateX(), m.getTranslateY());
        double c = m.getScaleX() / wide;
        double s = -m.getShearY() / wide;
        double along = (at[0] - from[0]) * c + (at[1] - from[1]) * s;
        double across = -(at[0] - from[0]) * s + (at[1] - from[1]) * c;
        boolean follows = !xs.isEmpty()
                && Math.abs(high - size) < SLACK
                && Math.abs(c - cos) < 1e-3
                && Math.abs(s - sin) < 1e-3
                && Math.abs(across) < SLACK * 4
                && along >= end - GAP * size
                && along <= end + GAP * size
                && now.equals(ink)
                && how.equals(showing);
        if (!follows) {
            end();
            face = String.valueOf(letter.font().getName());
            ink = now;
            showing = how;
            size = high;
            cos = c;
            sin = s;
            from = at;
            along = 0;
        }
        xs.add(along);
        text.append(letter.text());
        end = along + letter.advance() * wide;
    }

    /** What has been put together goes out. */
    void end() {
        if (xs.isEmpty()) {
            return;
        }
        double[] places = new double[xs.size() + 1];
        for (int i = 0; i < xs.size(); i++) {
            places[i] = xs.get(i);
        }
        places[xs.size()] = Math.max(end, 0);
        int[] glyphs = new int[xs.size()];
        java.util.Arrays.fill(glyphs, 1);
        GlyphRun run = new GlyphRun(face, size, glyphs, places, text.toString(), true);
        boolean level = Math.abs(sin) < 1e-6 && cos > 0;
        out.accept(
                level
                        ? new Mark.Words(from[0], from[1], run, ink)
                        : new Mark.Turned(
                                new Turn(cos, sin, -sin, cos, from[0], from[1]),
                                List.of(new Mark.Words(0, 0, run, ink))),
                showing);
        xs.clear();
        text.setLength(0);
    }
}
