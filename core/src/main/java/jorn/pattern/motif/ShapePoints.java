package jorn.pattern.motif;

import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.List;

/**
 * The few points of a shape that is being drawn; a curve is led through them, and back to the first.
 *
 * @param points three at least, {@link #MOST} at most
 */
public record ShapePoints(List<PadPoint> points) {
    public static final int LEAST = 3;
    public static final int MOST = 60;

    /** A leaf that leans to one side, to begin with: it is like none of its mirror images. */
    public static final ShapePoints BEGINNING = new ShapePoints(List.of(
            new PadPoint(0.18, 0.82), new PadPoint(0.3, 0.34), new PadPoint(0.82, 0.14), new PadPoint(0.66, 0.6)));

    /**
     * A place on the pad.
     *
     * @param x across, from 0 to 1
     * @param y down, from 0 to 1
     */
    public record PadPoint(double x, double y) {
        public PadPoint {
            x = Math.max(0, Math.min(1, x));
            y = Math.max(0, Math.min(1, y));
        }
    }

    public ShapePoints {
        points = List.copyOf(points);
        if (points.size() < LEAST || points.size() > MOST) {
            throw new IllegalArgumentException("so many points: " + points.size());
        }
    }

    /** The points from which a motif was drawn; {@link #BEGINNING} where it was not drawn with points. */
    public static ShapePoints of(PatternMotif motif) {
        if (!(motif instanceof OutlineMotif own) || !own.isDrawn()) {
            return BEGINNING;
        }
        double[] xy = own.points();
        List<PadPoint> all = new ArrayList<>();
        for (int i = 0; i + 1 < xy.length; i += 2) {
            all.add(new PadPoint(xy[i], xy[i + 1]));
        }
        return new ShapePoints(all);
    }

    /** The motif of that shape. */
    public OutlineMotif motif(String name) {
        double[] xy = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            xy[2 * i] = points.get(i).x();
            xy[2 * i + 1] = points.get(i).y();
        }
        return OutlineMotif.drawn(name, xy);
    }

    /** With a point elsewhere. */
    public ShapePoints moved(int index, PadPoint to) {
        List<PadPoint> all = new ArrayList<>(points);
        all.set(index, to);
        return new ShapePoints(all);
    }

    /** Where a new point goes in: between the two whose side it is nearest to. */
    public int placeFor(PadPoint spot) {
        int best = 0;
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < points.size(); i++) {
            PadPoint a = points.get(i);
            PadPoint b = points.get((i + 1) % points.size());
            double off = Line2D.ptSegDistSq(a.x(), a.y(), b.x(), b.y(), spot.x(), spot.y());
            if (off < nearest) {
                nearest = off;
                best = i + 1;
            }
        }
        return best;
    }

    /** With one more; the same where there are enough. */
    public ShapePoints with(int place, PadPoint spot) {
        if (points.size() == MOST) {
            return this;
        }
        List<PadPoint> all = new ArrayList<>(points);
        all.add(place, spot);
        return new ShapePoints(all);
    }

    /** With one less; the same where three are left. */
    public ShapePoints without(int index) {
        if (points.size() == LEAST) {
            return this;
        }
        List<PadPoint> all = new ArrayList<>(points);
        all.remove(index);
        return new ShapePoints(all);
    }

    /** The point within reach of a place, nearest to it; -1 where there is none. */
    public int at(PadPoint spot, double reach) {
        int best = -1;
        double nearest = reach;
        for (int i = 0; i < points.size(); i++) {
            double off = Math.hypot(points.get(i).x() - spot.x(), points.get(i).y() - spot.y());
            if (off <= nearest) {
                nearest = off;
                best = i;
            }
        }
        return best;
    }
}
