package jorn.pattern.motif;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;

/** From one motif into another: closed line by closed line, point by point; one that has no partner
 * grows from a point, and ribs and veins show near either end only. */
public final class Morph {
    private static final int POINTS = 49;
    private static final double FLAT = 0.004;
    /** What shrinks is gone before it is too small to colour. */
    private static final double LEAST = 0.22;

    private static final double NEAR_AN_END = 0.1;

    private final List<double[]> from = new ArrayList<>();
    private final List<double[]> to = new ArrayList<>();
    private final List<double[]> weights = new ArrayList<>();
    private final List<MotifLine> openOfFirst;
    private final List<MotifLine> openOfLast;

    public Morph(List<MotifLine> first, List<MotifLine> last) {
        List<MotifLine> rings = first.stream().filter(Morph::isClosed).toList();
        List<MotifLine> others = last.stream().filter(Morph::isClosed).toList();
        int both = Math.min(rings.size(), others.size());
        for (int i = 0; i < both; i++) {
            MotifLine a = rings.get(i);
            MotifLine b = others.get(i);
            pair(spaced(a), spaced(b), a.weight(), b.weight());
        }
        for (MotifLine a : rings.subList(both, rings.size())) {
            pair(spaced(a), point(a), a.weight(), a.weight());
        }
        for (MotifLine b : others.subList(both, others.size())) {
            pair(point(b), spaced(b), b.weight(), b.weight());
        }
        openOfFirst = first.stream().filter(l -> !isClosed(l)).toList();
        openOfLast = last.stream().filter(l -> !isClosed(l)).toList();
    }

    private void pair(double[] a, double[] b, double firstWeight, double lastWeight) {
        from.add(a);
        to.add(b);
        weights.add(new double[] {firstWeight, lastWeight});
    }

    private static double[] flat(MotifLine line) {
        List<double[]> all = Curves.flat(line.path(), FLAT);
        double[] longest = all.get(0);
        for (double[] each : all) {
            longest = each.length > longest.length ? each : longest;
        }
        return longest;
    }

    private static boolean isClosed(MotifLine line) {
        return line.path().isClosed();
    }

    /** All begin at their topmost point and go clockwise, so that points lie near their partners. */
    private static double[] spaced(MotifLine line) {
        return Curves.spaced(turned(flat(line)), POINTS);
    }

    private static double[] turned(double[] ring) {
        int n = ring.length / 2 - 1;
        int top = 0;
        double area = 0;
        for (int i = 0; i < n; i++) {
            top = ring[2 * i + 1] < ring[2 * top + 1] - 1e-9 ? i : top;
            area += ring[2 * i] * ring[2 * i + 3] - ring[2 * i + 2] * ring[2 * i + 1];
        }
        double[] out = new double[ring.length];
        for (int i = 0; i <= n; i++) {
            int k = area > 0 ? (top + i) % n : (top - i % n + n) % n;
            out[2 * i] = ring[2 * k];
            out[2 * i + 1] = ring[2 * k + 1];
        }
        return out;
    }

    private static double[] point(MotifLine other) {
        Box b = other.path().bounds();
        double[] all = new double[2 * POINTS];
        for (int i = 0; i < POINTS; i++) {
            all[2 * i] = b.centreX();
            all[2 * i + 1] = b.centreY();
        }
        return all;
    }

    /**
     * The motif on the way.
     *
     * @param t 0 the first, 1 the last
     */
    public List<MotifLine> at(double t) {
        List<MotifLine> lines = new ArrayList<>();
        for (int i = 0; i < from.size(); i++) {
            double[] a = from.get(i);
            double[] b = to.get(i);
            double[] xy = new double[a.length];
            double size = 0;
            for (int k = 0; k < xy.length; k++) {
                xy[k] = a[k] + (b[k] - a[k]) * t;
                size = Math.max(size, Math.abs(xy[k] - xy[k % 2]));
            }
            if (size > LEAST) {
                double[] w = weights.get(i);
                lines.add(new MotifLine(
                        Curves.through(java.util.Arrays.copyOf(xy, xy.length - 2), true), w[0] + (w[1] - w[0]) * t));
            }
        }
        if (t < NEAR_AN_END) {
            lines.addAll(openOfFirst);
        } else if (t > 1 - NEAR_AN_END) {
            lines.addAll(openOfLast);
        }
        return lines;
    }
}
