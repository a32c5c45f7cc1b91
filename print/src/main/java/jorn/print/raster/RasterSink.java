package jorn.print.raster;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkVisitor;
import jorn.art.PageArt;
import jorn.art.Turn;
import jorn.measure.Trouble;
import jorn.print.picture.Pixels;
import jorn.print.read.PdfLook;
import jorn.text.TypeShelf;

/** Paints page art with Java2D: for the screen, for pictures and for thumbnails. */
public final class RasterSink implements MarkVisitor<Void> {
    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    /** Room round a group's bounds for the weight of its lines and the overhang of its letters, in points. */
    private static final double GROUP_ROOM = 20;

    private final Graphics2D g;

    private RasterSink(Graphics2D g) {
        this.g = g;
    }

    /**
     * Paints a part of the page as a picture on white paper.
     *
     * @param part which part, in points from the trim's corner: the trim, or the page with bleed
     * @param scale pixels in a point, above 0
     */
    public static BufferedImage picture(PageArt art, Box part, double scale) {
        int w = Math.max(1, (int) Math.round(part.width() * scale));
        int h = Math.max(1, (int) Math.round(part.height() * scale));
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        try {
            g.setComposite(AlphaComposite.Src);
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, w, h);
            g.setComposite(AlphaComposite.SrcOver);
            g.scale(w / part.width(), h / part.height());
            g.translate(-part.x(), -part.y());
            paint(art, g);
        } finally {
            g.dispose();
        }
        return image;
    }

    /** Paints onto a drawing surface whose unit is the point and whose origin is the trim's corner. */
    public static void paint(PageArt art, Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        new RasterSink(g).marks(art.marks());
    }

    private void marks(List<Mark> marks) {
        marks.forEach(m -> m.accept(this));
    }

    /** Paints with another transformation or clip, and then as before. */
    private Void aside(Runnable change, List<Mark> marks) {
        AffineTransform before = g.getTransform();
        Shape clip = g.getClip();
        change.run();
        marks(marks);
        g.setTransform(before);
        g.setClip(clip);
        return null;
    }

    @Override
    public Void fill(Mark.Fill fill) {
        g.setColor(colour(fill.ink()));
        g.fill(fill.path().asShape());
        return null;
    }

    @Override
    public Void shade(Mark.Shade shade) {
        Mark.Shade.Ends s = shade.line();
        g.setPaint(new java.awt.GradientPaint(
                (float) s.x1(),
                (float) s.y1(),
                colour(shade.from()),
                (float) s.x2(),
                (float) s.y2(),
                colour(shade.to())));
        g.fill(shade.path().asShape());
        return null;
    }

    @Override
    public Void stroke(Mark.Stroke stroke) {
        g.setColor(colour(stroke.ink()));
        g.setStroke(pen(stroke));
        g.draw(stroke.path().asShape());
        return null;
    }

    @Override
    public Void stamped(Mark.Stamped place) {
        AffineTransform before = g.getTransform();
        g.translate(place.dx(), place.dy());
        marks(place.stamp().marks());
        g.setTransform(before);
        return null;
    }

    @Override
    public Void turned(Mark.Turned turned) {
        AffineTransform before = g.getTransform();
        g.transform(affine(turned.turn()));
        marks(turned.marks());
        g.setTransform(before);
        return null;
    }

    private static AffineTransform affine(Turn t) {
        return new AffineTransform(t.a(), t.b(), t.c(), t.d(), t.e(), t.f());
    }

    @Override
    public Void image(Mark.Image image) {
        picture(image);
        return null;
    }

    /** A link is touched, not seen. */
    @Override
    public Void link(Mark.Link link) {
        return null;
    }

    @Override
    public Void clip(Mark.Clip clip) {
        return aside(() -> g.clip(clip.shape().asShape()), clip.marks());
    }

    /** The marks are painted apart, and then laid over the page as one. */
    @Override
    public Void group(Mark.Group group) {
        AffineTransform at = g.getTransform();
        Box b = group.bounds().outset(GROUP_ROOM);
        Rectangle seen = at.createTransformedShape(new Rectangle2D.Double(b.x(), b.y(), b.width(), b.height()))
                .getBounds();
        if (g.getClip() != null) {
            seen = seen.intersection(at.createTransformedShape(g.getClip()).getBounds());
        }
        if (seen.isEmpty() || group.opacity() == 0) {
            return null;
        }
        BufferedImage apart = new BufferedImage(seen.width, seen.height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D inside = apart.createGraphics();
        inside.setRenderingHints(g.getRenderingHints());
        inside.translate(-seen.x, -seen.y);
        inside.transform(at);
        new RasterSink(inside).marks(group.marks());
        inside.dispose();
        Composite before = g.getComposite();
        g.setTransform(new AffineTransform());
        g.setComposite(AlphaComposite.SrcOver.derive((float) group.opacity()));
        g.drawImage(apart, seen.x, seen.y, null);
        g.setComposite(before);
        g.setTransform(at);
        return null;
    }

    @Override
    public Void foreign(Mark.Foreign foreign) {
        Box to = foreign.to();
        double scale = Math.max(0.1, Math.sqrt(Math.abs(g.getTransform().getDeterminant())));
        BufferedImage page = PdfLook.page(foreign.page(), to.width() * scale);
        Graphics2D inside = (Graphics2D) g.create();
        inside.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        inside.drawImage(
                page,
                new AffineTransform(to.width() / page.getWidth(), 0, 0, to.height() / page.getHeight(), to.x(), to.y()),
                null);
        inside.dispose();
        return null;
    }

    private void picture(Mark.Image image) {
        Box from = image.from();
        Box to = image.to();
        double scale = Math.sqrt(Math.abs(g.getTransform().getDeterminant()));
        double wanted = to.width() * scale * image.picture().width() / Math.max(1, from.width());
        BufferedImage pixels;
        try {
            pixels = Pixels.atLeast(image.picture(), new Pixels.PixelLook(image.opacity(), image.tone()), wanted);
        } catch (Trouble damaged) {
            // The proof says what is wrong with it; the page is shown all the same.
            emptyPlace(to);
            return;
        }
        double reduced = pixels.getWidth() / (double) image.picture().width();
        Graphics2D inside = (Graphics2D) g.create();
        inside.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        inside.clip(new java.awt.geom.Rectangle2D.Double(to.x(), to.y(), to.width(), to.height()));
        double sx = to.width() / from.width() / reduced;
        double sy = to.height() / from.height() / reduced;
        inside.drawImage(
                pixels,
                new AffineTransform(sx, 0, 0, sy, to.x() - from.x() * reduced * sx, to.y() - from.y() * reduced * sy),
                null);
        inside.dispose();
    }

    private void emptyPlace(Box place) {
        g.setColor(Color.GRAY);
        g.setStroke(new BasicStroke(0.5f));
        g.draw(new java.awt.geom.Rectangle2D.Double(place.x(), place.y(), place.width(), place.height()));
        g.draw(new java.awt.geom.Line2D.Double(place.x(), place.y(), place.right(), place.bottom()));
        g.draw(new java.awt.geom.Line2D.Double(place.x(), place.bottom(), place.right(), place.y()));
    }

    private static BasicStroke pen(Mark.Stroke stroke) {
        float width = (float) stroke.width();
        int cap = stroke.round() ? BasicStroke.CAP_ROUND : BasicStroke.CAP_BUTT;
        int join = stroke.round() ? BasicStroke.JOIN_ROUND : BasicStroke.JOIN_MITER;
        if (stroke.dash().isEmpty()) {
            return new BasicStroke(width, cap, join);
        }
        float[] dash = new float[stroke.dash().size()];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = stroke.dash().get(i).floatValue();
        }
        return new BasicStroke(width, cap, join, 10, dash, 0);
    }

    @Override
    public Void words(Mark.Words words) {
        GlyphRun run = words.run();
        Font font = TypeShelf.face(run.face()).font().deriveFont((float) run.size());
        GlyphVector glyphs = font.createGlyphVector(CONTEXT, run.glyphs());
        for (int i = 0; i < run.glyphs().length; i++) {
            glyphs.setGlyphPosition(i, new Point2D.Double(run.x()[i], 0));
        }
        g.setColor(colour(words.ink()));
        g.translate(words.x(), words.y());
        g.fill(glyphs.getOutline());
        g.translate(-words.x(), -words.y());
        return null;
    }

    private static Color colour(Ink ink) {
        int[] c = ink.rgb();
        return new Color(c[0], c[1], c[2]);
    }
}
