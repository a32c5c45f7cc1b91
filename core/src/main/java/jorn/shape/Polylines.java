package jorn.shape;

import java.awt.Shape;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;

/** Lines of straight pieces: x and y in turn; one that ends where it began is a ring. */
public final class Polylines {
    private static final int HALVINGS = 10;

    private Polylines() {}

    /** The lines of a shape, no farther from its curves than is said. */
    public static List<double[]> of(Shape shape, double flat) {
        List<double[]> all = new ArrayList<>();
        List<double[]> now = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = new FlatteningPathIterator(shape.getPathIterator(null), flat, HALVINGS);
                !i.isDone();
                i.next()) {
            switch (i.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    keep(all, now);
                    now.add(new double[] {at[0], at[1]});
                }
                case PathIterator.SEG_LINETO -> now.add(new double[] {at[0], at[1]});
                default -> now.add(now.get(0).clone());
            }
        }
        keep(all, now);
        return all;
    }

    private static void keep(List<double[]> all, List<double[]> now) {
        if (now.size() > 1) {
            double[] line = new double[2 * now.size()];
            for (int i = 0; i < now.size(); i++) {
                line[2 * i] = now.get(i)[0];
                line[2 * i + 1] = now.get(i)[1];
            }
            all.add(line);
        }
        now.clear();
    }

    public static boolean isRing(double[] line) {
        int n = line.length;
        return n >= 8 && Math.hypot(line[0] - line[n - 2], line[1] - line[n - 1]) < 1e-9;
    }

    /**
     * The same line with fewer points (Ramer 1972; Douglas and Peucker 1973).
     *
     * @param within how far a point that is left out may lie from the line
     */
    public static double[] simplified(double[] line, double within) {
        int n = line.length / 2;
        if (n < 3) {
            return line;
        }
        boolean[] kept = new boolean[n];
        kept[0] = true;
        kept[n - 1] = true;
        Deque<int[]> open = new ArrayDeque<>();
        if (isRing(line)) {
            // A ring has no ends: it is parted at the point farthest from its beginning.
            int far = 0;
            for (int i = 1; i < n; i++) {
                far = square(line, i, 0) > square(line, far, 0) ? i : far;
            }
            kept[far] = true;
            open.push(new int[] {0, far});
            open.push(new int[] {far, n - 1});
        } else {
            open.push(new int[] {0, n - 1});
        }
        while (!open.isEmpty()) {
            int[] part = open.pop();
            int worst = -1;
            double most = within;
            for (int i = part[0] + 1; i < part[1]; i++) {
                double off = java.awt.geom.Line2D.ptSegDist(
                        line[2 * part[0]],
                        line[2 * part[0] + 1],
                        line[2 * part[1]],
                        line[2 * part[1] + 1],
                        line[2 * i],
                        line[2 * i + 1]);
                if (off > most) {
                    most = off;
                    worst = i;
                }
            }
            if (worst >= 0) {
                kept[worst] = true;
                open.push(new int[] {part[0], worst});
                open.push(new int[] {worst, part[1]});
            }
        }
        double[] out = new double[line.length];
        int m = 0;
        for (int i = 0; i < n; i++) {
            if (kept[i]) {
                out[m++] = line[2 * i];
                out[m++] = line[2 * i + 1];
            }
        }
        return Arrays.copyOf(out, m);
    }

    private static double square(double[] line, int i, int j) {
        double dx = line[2 * i] - line[2 * j];
        double dy = line[2 * i + 1] - line[2 * j + 1];
        return dx * dx + dy * dy;
    }

    /** Points as they are kept in files: {@code x,y x,y …}. */
    public static String written(double[] line) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i + 1 < line.length; i += 2) {
            text.append(text.isEmpty() ? "" : " ")
                    .append(String.format(Locale.ROOT, "%.4f,%.4f", line[i], line[i + 1]));
        }
        return text.toString();
    }
}
