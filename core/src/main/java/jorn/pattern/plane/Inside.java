package jorn.pattern.plane;

import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import jorn.shape.Polylines;

/** Tells quickly, many times over, whether points lie inside of a shape: its sides are sorted into strips by height. Lines that cross themselves count by their winding. */
public final class Inside {
    private final double top;
    private final double strip;
    private final List<List<double[]>> strips = new ArrayList<>();
    private final List<double[]> rings;

    /**
     * A shape.
     *
     * @param flat how far its sides may leave its curves, in points
     */
    public Inside(Shape shape, double flat) {
        rings = new ArrayList<>();
        for (double[] line : Polylines.of(shape, flat)) {
            rings.add(closed(line));
        }
        double from = Double.POSITIVE_INFINITY;
        double to = Double.NEGATIVE_INFINITY;
        int sides = 0;
        for (double[] ring : rings) {
            for (int i = 1; i < ring.length; i += 2) {
                from = Math.min(from, ring[i]);
                to = Math.max(to, ring[i]);
                sides++;
            }
        }
        int count = Math.max(1, Math.min(4000, sides));
        top = rings.isEmpty() ? 0 : from;
        strip = rings.isEmpty() ? 1 : Math.max(1e-9, (to - from) / count);
        for (int i = 0; i <= count; i++) {
            strips.add(new ArrayList<>(2));
        }
        for (double[] ring : rings) {
            for (int i = 0; i + 3 < ring.length; i += 2) {
                double[] side = {ring[i], ring[i + 1], ring[i + 2], ring[i + 3]};
                int a = at(Math.min(side[1], side[3]));
                int b = at(Math.max(side[1], side[3]));
                for (int k = a; k <= b; k++) {
                    strips.get(k).add(side);
                }
            }
        }
    }

    private static double[] closed(double[] line) {
        int n = line.length;
        if (line[0] == line[n - 2] && line[1] == line[n - 1]) {
            return line;
        }
        double[] ring = java.util.Arrays.copyOf(line, n + 2);
        ring[n] = line[0];
        ring[n + 1] = line[1];
        return ring;
    }

    private int at(double y) {
        return Math.max(0, Math.min(strips.size() - 1, (int) ((y - top) / strip)));
    }

    /** Its outline as closed lines of straight pieces. */
    public List<double[]> rings() {
        return java.util.Collections.unmodifiableList(rings);
    }

    /** Whether a point lies inside. */
    public boolean holds(double x, double y) {
        int winding = 0;
        for (double[] s : strips.get(at(y))) {
            if (s[1] > y == s[3] > y) {
                continue;
            }
            if (s[0] + (y - s[1]) / (s[3] - s[1]) * (s[2] - s[0]) > x) {
                winding += s[3] > s[1] ? 1 : -1;
            }
        }
        return winding != 0;
    }

    /** How far a point is from its outline, at most; in points. */
    public double near(double x, double y, double most) {
        double best = most;
        int a = at(y - most);
        int b = at(y + most);
        for (int k = a; k <= b; k++) {
            for (double[] s : strips.get(k)) {
                best = Math.min(best, java.awt.geom.Line2D.ptSegDist(s[0], s[1], s[2], s[3], x, y));
            }
        }
        return best;
    }
}
