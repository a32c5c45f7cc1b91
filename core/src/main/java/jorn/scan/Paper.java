package jorn.scan;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * Finds a bright sheet of paper on something darker, and straightens it. The sheet is the largest bright patch; its corners are those of the
 * four-cornered hull round it, and each side is then laid along the steepest change of brightness near it.
 */
public final class Paper {
    private static final int COARSE = 320;
    private static final int FINE = 1400;
    private static final double LEAST_AREA = 0.15;
    /** A patch that comes nearer to all edges than this fills the scan: there is no table round it. */
    private static final double EDGE = 0.012;

    private static final int PROBES = 80;
    private static final double LEAST_STEP = 14;

    private Paper() {}

    /**
     * The corners of the sheet, in pixels: x and y of the left upper, right upper, right lower and left lower one.
     *
     * @return nothing where no sheet is seen against a darker ground
     */
    public static Optional<double[]> corners(Scan scan) {
        Grey whole = scan.grey();
        Grey small = whole.smaller(COARSE).blurred(1.2);
        double scale = (double) scan.width() / small.width();
        int level = small.parting();
        boolean[] bright = largest(small, level);
        List<double[]> hull = hull(bright, small.width());
        if (hull.size() < 4) {
            return Optional.empty();
        }
        List<double[]> four = four(hull);
        if (area(four) < LEAST_AREA * small.width() * small.height() || fills(four, small)) {
            return Optional.empty();
        }
        double[] q = ordered(four);
        for (int i = 0; i < q.length; i++) {
            q[i] = (q[i] + 0.5) * scale - 0.5;
        }
        return Optional.of(refined(q, whole));
    }

    private static boolean fills(List<double[]> four, Grey in) {
        double edge = EDGE * Math.max(in.width(), in.height()) + 1;
        int at = 0;
        for (double[] p : four) {
            boolean side = p[0] <= edge || p[0] >= in.width() - 1 - edge;
            boolean end = p[1] <= edge || p[1] >= in.height() - 1 - edge;
            at += side && end ? 1 : 0;
        }
        return at >= 3;
    }

    /** The largest bright patch that hangs together. */
    private static boolean[] largest(Grey g, int level) {
        int w = g.width();
        int n = w * g.height();
        int[] patch = new int[n];
        int count = 0;
        int best = 0;
        int most = 0;
        for (int start = 0; start < n; start++) {
            if (patch[start] != 0 || g.values()[start] <= level) {
                continue;
            }
            count++;
            int size = 0;
            Deque<Integer> open = new ArrayDeque<>(List.of(start));
            patch[start] = count;
            while (!open.isEmpty()) {
                int p = open.pop();
                size++;
                int x = p % w;
                int[] near = {x > 0 ? p - 1 : -1, x < w - 1 ? p + 1 : -1, p - w, p + w};
                for (int q : near) {
                    if (q >= 0 && q < n && patch[q] == 0 && g.values()[q] > level) {
                        patch[q] = count;
                        open.push(q);
                    }
                }
            }
            if (size > most) {
                most = size;
                best = count;
            }
        }
        boolean[] out = new boolean[n];
        for (int i = 0; i < n; i++) {
            out[i] = best > 0 && patch[i] == best;
        }
        return out;
    }

    /** The convex hull (Andrew's monotone chain, 1979). */
    private static List<double[]> hull(boolean[] in, int w) {
        List<double[]> points = new ArrayList<>();
        int h = in.length / w;
        for (int x = 0; x < w; x++) {
            int first = -1;
            int last = -1;
            for (int y = 0; y < h; y++) {
                if (in[y * w + x]) {
                    first = first < 0 ? y : first;
                    last = y;
                }
            }
            if (first >= 0) {
                points.add(new double[] {x, first});
                if (last > first) {
                    points.add(new double[] {x, last});
                }
            }
        }
        List<double[]> hull = new ArrayList<>();
        for (int pass = 0; pass < 2; pass++) {
            int from = hull.size();
            for (int i = 0; i < points.size(); i++) {
                double[] p = points.get(pass == 0 ? i : points.size() - 1 - i);
                while (hull.size() >= from + 2 && cross(hull.get(hull.size() - 2), hull.get(hull.size() - 1), p) <= 0) {
                    hull.remove(hull.size() - 1);
                }
                hull.add(p);
            }
            hull.remove(hull.size() - 1);
        }
        return hull;
    }

    private static double cross(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }

    /** Sides are taken away one after the other, the one whose neighbours close over it with least gain of area, until four are left. */
    private static List<double[]> four(List<double[]> hull) {
        List<double[]> now = new ArrayList<>(hull);
        while (now.size() > 4) {
            int n = now.size();
            int best = -1;
            double least = Double.POSITIVE_INFINITY;
            double[] corner = {0, 0};
            for (int i = 0; i < n; i++) {
                double[] a = now.get((i + n - 1) % n);
                double[] b = now.get(i);
                double[] c = now.get((i + 1) % n);
                double[] d = now.get((i + 2) % n);
                double[] met = meet(a, b, d, c);
                boolean outward = cross(b, c, met) <= 1e-9
                        && (met[0] - b[0]) * (b[0] - a[0]) + (met[1] - b[1]) * (b[1] - a[1]) >= -1e-9;
                double gain = Math.abs(cross(b, c, met)) / 2;
                if (outward && Double.isFinite(gain) && gain < least) {
                    least = gain;
                    best = i;
                    corner = met;
                }
            }
            if (best < 0) {
                break;
            }
            int next = (best + 1) % now.size();
            now.set(best, corner);
            now.remove(next);
        }
        return now;
    }

    private static double[] meet(double[] a, double[] b, double[] d, double[] c) {
        double ux = b[0] - a[0];
        double uy = b[1] - a[1];
        double vx = c[0] - d[0];
        double vy = c[1] - d[1];
        double t = ((d[0] - a[0]) * vy - (d[1] - a[1]) * vx) / (ux * vy - uy * vx);
        return new double[] {a[0] + t * ux, a[1] + t * uy};
    }

    private static double area(List<double[]> ring) {
        double sum = 0;
        for (int i = 0; i < ring.size(); i++) {
            double[] a = ring.get(i);
            double[] b = ring.get((i + 1) % ring.size());
            sum += a[0] * b[1] - b[0] * a[1];
        }
        return Math.abs(sum) / 2;
    }

    /** From the corner nearest to the left upper one of the scan, clockwise as it is seen. */
    private static double[] ordered(List<double[]> four) {
        List<double[]> ring = new ArrayList<>(four);
        double sum = 0;
        for (int i = 0; i < 4; i++) {
            double[] a = ring.get(i);
            double[] b = ring.get((i + 1) % 4);
            sum += a[0] * b[1] - b[0] * a[1];
        }
        if (sum < 0) {
            java.util.Collections.reverse(ring);
        }
        int first = 0;
        for (int i = 1; i < 4; i++) {
            double[] p = ring.get(i);
            double[] f = ring.get(first);
            first = p[0] + p[1] < f[0] + f[1] ? i : first;
        }
        double[] q = new double[8];
        for (int i = 0; i < 4; i++) {
            q[2 * i] = ring.get((first + i) % 4)[0];
            q[2 * i + 1] = ring.get((first + i) % 4)[1];
        }
        return q;
    }

    /** Each side laid along the steepest change from dark outside to bright inside, and the corners where sides meet. */
    private static double[] refined(double[] q, Grey whole) {
        double shrink = Math.max(1, Math.max(whole.width(), whole.height()) / (double) FINE);
        Grey g = whole.smaller(FINE).blurred(0.8);
        List<double[]> sides = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            double ax = q[2 * i] / shrink;
            double ay = q[2 * i + 1] / shrink;
            double bx = q[(2 * i + 2) % 8] / shrink;
            double by = q[(2 * i + 3) % 8] / shrink;
            sides.add(side(ax, ay, bx, by, g));
        }
        double[] out = new double[8];
        for (int i = 0; i < 4; i++) {
            double[] before = sides.get((i + 3) % 4);
            double[] after = sides.get(i);
            double[] met = meet(
                    new double[] {before[0], before[1]},
                    new double[] {before[2], before[3]},
                    new double[] {after[0], after[1]},
                    new double[] {after[2], after[3]});
            boolean near = Math.hypot(met[0] - q[2 * i] / shrink, met[1] - q[2 * i + 1] / shrink) < FINE * 0.05;
            out[2 * i] = near ? met[0] * shrink : q[2 * i];
            out[2 * i + 1] = near ? met[1] * shrink : q[2 * i + 1];
        }
        return out;
    }

    private static double[] side(double ax, double ay, double bx, double by, Grey g) {
        double length = Math.hypot(bx - ax, by - ay);
        // Corners go clockwise as they are seen, so the inside lies to the right of a side.
        double nx = -(by - ay) / length;
        double ny = (bx - ax) / length;
        double reach = Math.max(6, length * 0.02);
        List<double[]> found = new ArrayList<>();
        for (int i = 1; i < PROBES; i++) {
            double s = (double) i / PROBES;
            if (s < 0.06 || s > 0.94) {
                continue;
            }
            double px = ax + (bx - ax) * s;
            double py = ay + (by - ay) * s;
            double best = LEAST_STEP;
            double at = Double.NaN;
            for (double t = -reach; t <= reach; t += 0.5) {
                double step = value(g, px + nx * (t + 1.5), py + ny * (t + 1.5))
                        - value(g, px + nx * (t - 1.5), py + ny * (t - 1.5));
                if (step > best) {
                    best = step;
                    at = t;
                }
            }
            if (!Double.isNaN(at)) {
                found.add(new double[] {s * length, at});
            }
        }
        double[] line = fitted(found);
        return new double[] {
            ax + nx * line[0],
            ay + ny * line[0],
            bx + nx * (line[0] + line[1] * length),
            by + ny * (line[0] + line[1] * length)
        };
    }

    /** A straight line through most of the points: least squares, those far off left out and tried again. */
    private static double[] fitted(List<double[]> points) {
        List<double[]> kept = points;
        double[] line = {0, 0};
        for (int round = 0; round < 4 && kept.size() >= 8; round++) {
            double n = kept.size();
            double sx = 0;
            double sy = 0;
            double sxx = 0;
            double sxy = 0;
            for (double[] p : kept) {
                sx += p[0];
                sy += p[1];
                sxx += p[0] * p[0];
                sxy += p[0] * p[1];
            }
            double slope = (n * sxy - sx * sy) / (n * sxx - sx * sx);
            double[] now = {(sy - slope * sx) / n, slope};
            line = now;
            double[] off = kept.stream()
                    .mapToDouble(p -> Math.abs(p[1] - now[0] - now[1] * p[0]))
                    .sorted()
                    .toArray();
            double most = Math.max(0.8, 2.5 * off[off.length / 2]);
            kept = kept.stream()
                    .filter(p -> Math.abs(p[1] - now[0] - now[1] * p[0]) <= most)
                    .toList();
        }
        return line;
    }

    private static double value(Grey g, double x, double y) {
        double cx = Math.max(0, Math.min(g.width() - 1.001, x));
        double cy = Math.max(0, Math.min(g.height() - 1.001, y));
        int x0 = (int) cx;
        int y0 = (int) cy;
        double fx = cx - x0;
        double fy = cy - y0;
        int x1 = Math.min(g.width() - 1, x0 + 1);
        int y1 = Math.min(g.height() - 1, y0 + 1);
        return (g.at(x0, y0) * (1 - fx) + g.at(x1, y0) * fx) * (1 - fy)
                + (g.at(x0, y1) * (1 - fx) + g.at(x1, y1) * fx) * fy;
    }

    /** The sheet, straight, as large as its longer sides are. */
    public static Scan straightened(Scan scan, double[] q) {
        int w = (int) Math.round(Math.max(Math.hypot(q[2] - q[0], q[3] - q[1]), Math.hypot(q[4] - q[6], q[5] - q[7])));
        int h = (int) Math.round(Math.max(Math.hypot(q[6] - q[0], q[7] - q[1]), Math.hypot(q[4] - q[2], q[5] - q[3])));
        w = Math.max(1, w);
        h = Math.max(1, h);
        Perspective p = Perspective.onto(w, h, q);
        int[] out = new int[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double sx = p.x(x + 0.5, y + 0.5) - 0.5;
                double sy = p.y(x + 0.5, y + 0.5) - 0.5;
                int r = (int) Math.round(scan.light(sx, sy, 0));
                int g = (int) Math.round(scan.light(sx, sy, 1));
                int b = (int) Math.round(scan.light(sx, sy, 2));
                out[y * w + x] = r << 16 | g << 8 | b;
            }
        }
        return new Scan(w, h, out);
    }
}
