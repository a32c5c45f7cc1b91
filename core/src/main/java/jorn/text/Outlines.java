package jorn.text;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.Point2D;
import jorn.art.GlyphRun;
import jorn.art.Path;

/** The outlines of letters, to draw a line round them or to do without their face. */
public final class Outlines {
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    private Outlines() {}

    /** Of a line of text whose baseline begins at a point. */
    public static Path of(GlyphRun run, double x, double y) {
        Font font = TypeShelf.face(run.face()).font().deriveFont((float) run.size());
        GlyphVector glyphs = font.createGlyphVector(CONTEXT, run.glyphs());
        for (int i = 0; i < run.glyphs().length; i++) {
            glyphs.setGlyphPosition(i, new Point2D.Double(run.x()[i], 0));
        }
        return Path.of(glyphs.getOutline((float) x, (float) y));
    }
}
