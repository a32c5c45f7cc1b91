package jorn.cover.part;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import jorn.art.GlyphRun;
import jorn.art.Path;
import jorn.text.TypeShelf;

/** The outlines of letters, to draw a line round them. */
final class Outlines {
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    private Outlines() {}

    /** Of a line of text whose baseline begins at a point. */
    static Path of(GlyphRun run, double x, double y) {
        Font font = TypeShelf.face(run.face()).font().deriveFont((float) run.size());
        GlyphVector glyphs = font.createGlyphVector(CONTEXT, run.glyphs());
        for (int i = 0; i < run.glyphs().length; i++) {
            glyphs.setGlyphPosition(i, new Point2D.Double(run.x()[i], 0));
        }
        return path(glyphs.getOutline((float) x, (float) y));
    }

    private static Path path(Shape shape) {
        Path.Builder path = Path.builder();
        double[] p = new double[6];
        double x = 0;
        double y = 0;
        for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            switch (i.currentSegment(p)) {
                case PathIterator.SEG_MOVETO -> {
                    path.move(p[0], p[1]);
                    x = p[0];
                    y = p[1];
                }
                case PathIterator.SEG_LINETO -> {
                    path.line(p[0], p[1]);
                    x = p[0];
                    y = p[1];
                }
                case PathIterator.SEG_QUADTO -> {
                    // A curve of one handle as one of two.
                    path.curve(
                            x + 2.0 / 3 * (p[0] - x),
                            y + 2.0 / 3 * (p[1] - y),
                            p[2] + 2.0 / 3 * (p[0] - p[2]),
                            p[3] + 2.0 / 3 * (p[1] - p[3]),
                            p[2],
                            p[3]);
                    x = p[2];
                    y = p[3];
                }
                case PathIterator.SEG_CUBICTO -> {
                    path.curve(p[0], p[1], p[2], p[3], p[4], p[5]);
                    x = p[4];
                    y = p[5];
                }
                default -> path.close();
            }
        }
        return path.build();
    }
}
