package jorn.print.reception;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Marks.Standing;

/**
 * What is a picture on a cover, as an eye takes it, and so is not judged as words to be read: pages shown small, the symbol of a number with its
 * figures, a letter so large that it is an ornament.
 */
final class CoverPictures {
    /** A page is shown small where it is narrower than this share of the panel. */
    private static final double SMALL = 0.5;

    /** How exactly its sides are in proportion. */
    private static final double ALIKE = 0.02;

    /** A letter is an ornament from this share of the panel's height on. */
    private static final double GIANT = 0.3;

    /** EAN-13 has thirty bars (GS1 General Specifications). */
    private static final int BARS = 25;

    private static final double LEAST_BAR = 14;
    private static final double SLIM = 4;
    /** Figures stand so near to their bars, in points. */
    private static final double BESIDE_BARS = 14;

    private static final double PALE = 0.85;

    private final double height;
    private final List<Path2D> pages = new ArrayList<>();
    private final List<Box> bars = new ArrayList<>();

    /** @param panel the finished front */
    CoverPictures(List<Standing> all, Box panel) {
        this.height = panel.height();
        double proportion = panel.width() / panel.height();
        for (Standing s : all) {
            if (s.mark() instanceof Mark.Fill fill) {
                Path2D shape = fill.path().turned(s.at()).asShape();
                List<double[]> corners = corners(shape);
                if (fill.ink().luminance() > PALE && isPage(corners, panel.width(), proportion)) {
                    pages.add(shape);
                }
                bars(shape);
            }
        }
    }

    /** The corners of a shape of straight lines in one piece; none of any other. */
    private static List<double[]> corners(Path2D shape) {
        List<double[]> all = new ArrayList<>();
        double[] c = new double[6];
        int pieces = 0;
        for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(c);
            pieces += kind == PathIterator.SEG_MOVETO ? 1 : 0;
            if (pieces > 1 || kind == PathIterator.SEG_CUBICTO || kind == PathIterator.SEG_QUADTO) {
                return List.of();
            }
            if (kind != PathIterator.SEG_CLOSE) {
                all.add(new double[] {c[0], c[1]});
            }
        }
        if (all.size() == 5 && distance(all.get(0), all.get(4)) < 0.01) {
            all.remove(4);
        }
        return all;
    }

    private static double distance(double[] a, double[] b) {
        return Math.hypot(a[0] - b[0], a[1] - b[1]);
    }

    private static boolean isPage(List<double[]> corners, double wide, double proportion) {
        if (corners.size() != 4) {
            return false;
        }
        double a = distance(corners.get(0), corners.get(1));
        double b = distance(corners.get(1), corners.get(2));
        double across = proportion < 1 ? Math.min(a, b) : Math.max(a, b);
        double down = proportion < 1 ? Math.max(a, b) : Math.min(a, b);
        return down > 0 && across < SMALL * wide && Math.abs(across / down - proportion) < ALIKE;
    }

    /** Keeps the pieces of a shape that are slim and upright. */
    private void bars(Path2D shape) {
        double[] c = new double[6];
        Path2D.Double piece = new Path2D.Double();
        for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(c);
            if (kind == PathIterator.SEG_MOVETO) {
                keep(piece);
                piece.reset();
                piece.moveTo(c[0], c[1]);
            } else if (kind == PathIterator.SEG_LINETO) {
                piece.lineTo(c[0], c[1]);
            } else if (kind != PathIterator.SEG_CLOSE) {
                return;
            }
        }
        keep(piece);
    }

    private void keep(Path2D piece) {
        var b = piece.getBounds2D();
        if (b.getHeight() >= LEAST_BAR && b.getHeight() >= SLIM * b.getWidth()) {
            bars.add(new Box(b.getX(), b.getY(), b.getWidth(), b.getHeight()));
        }
    }

    /** Whether something is part of a picture. */
    boolean hold(Standing s) {
        double x = s.bounds().centreX();
        double y = s.bounds().centreY();
        if (pages.stream().anyMatch(p -> p.contains(x, y) && isWithin(s.bounds(), p)) && !isPaper(s)) {
            return true;
        }
        return s.mark() instanceof Mark.Words words
                && (words.run().size() * s.at().enlarges() >= GIANT * height || isBesideBars(s.bounds()));
    }

    /** What is larger than a page does not stand on it, whatever lies in its middle. */
    private static boolean isWithin(Box box, Path2D page) {
        var b = page.getBounds2D();
        return box.width() <= b.getWidth() + 1 && box.height() <= b.getHeight() + 1;
    }

    /** The paper of a small page itself lies behind what else there is. */
    private static boolean isPaper(Standing s) {
        return s.mark() instanceof Mark.Fill fill && fill.ink().luminance() > PALE;
    }

    private boolean isBesideBars(Box words) {
        Box near = words.outset(BESIDE_BARS);
        Box row = new Box(near.x() - 120, near.y(), near.width() + 240, near.height());
        return bars.stream().anyMatch(near::meets)
                && bars.stream().filter(row::meets).count() >= BARS;
    }
}
