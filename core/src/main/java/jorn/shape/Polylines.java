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
    private static final int HALVINGS = 8;

    private Polylines() {}

    /**
     * The lines of a shape as straight pieces, a list of points for each; a closed one ends where it began. No point stands twice in a row.
     *
     * @param flat how far they may leave its curves
     */
    public static List<double[]> of(Shape shape, double flat) {
        List<double[]> all = new ArrayList<>();
        double[] now = new double[64];
        int n = 0;
        double[] at = new double[6];
        for (PathIterator i = new FlatteningPathIterator(shape.getPathIterator(null), flat, HALVINGS);
                !i.isDone();
                i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                keep(all, now, n);
                n = 0;
            } else if (kind == PathIterator.SEG_CLOSE) {
                at[0] = now[0];
                at[1] = now[1];
            }
            if (n > 0 && now[n - 2] == at[0] && now[n - 1] == at[1]) {
                continue;
            }
            if (n + 2 > now.length) {
                now = Arrays.copyOf(now, now.length * 2);
            }
            now[n++] = at[0];
            now[n++] = at[1];
        }
        keep(all, now, n);
        return all;
    }

    private static void keep(List<double[]> all, double[] now, int n) {
        if (n >= 4) {
            all.add(Arrays.copyOf(now, n));
        }
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
