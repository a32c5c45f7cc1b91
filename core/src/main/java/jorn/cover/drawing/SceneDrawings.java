package jorn.cover.drawing;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.cover.drawing.Easel.Batch;

/** Landscapes by rule. The first ink is the sky, the last the nearest ground, the one before the sun. */
final class SceneDrawings {
    private SceneDrawings() {}

    static List<CoverDrawing> all() {
        return List.of(
                new CoverDrawing("hills", 0.05, SceneDrawings::hills),
                new CoverDrawing("mountains", 0.05, SceneDrawings::mountains),
                new CoverDrawing("sea", 0.05, SceneDrawings::sea),
                new CoverDrawing("village", 0.05, SceneDrawings::village),
                new CoverDrawing("night", 0.05, SceneDrawings::night),
                new CoverDrawing("contours", 0.03, SceneDrawings::contours),
                new CoverDrawing("balloons", 0.06, SceneDrawings::balloons),
                new CoverDrawing("bunting", 0.07, SceneDrawings::bunting));
    }

    /** A colour between two, so that a few inks make many ranges. */
    private static Ink mix(Ink from, Ink to, double share) {
        return from.mixed(to, share);
    }

    /** How many fronts wide the scene is: a cover all round is two and a spine. */
    private static double fronts(Box a) {
        return Math.max(1, a.width() / a.height() * 1.5);
    }

    /** A place across the front, which is the right part of a scene that goes all round. */
    private static double across(Box a, double share) {
        double front = a.width() / (fronts(a) > 1.5 ? 2.03 : 1);
        return a.right() - front + front * share;
    }

    private static void sky(Easel e, Ink top, Ink low) {
        Box a = e.area();
        e.add(List.of(new Mark.Shade(
                Path.box(a), top, low, new Mark.Shade.Ends(a.x(), a.y(), a.x(), a.y() + a.height() * 0.7))));
    }

    private static void disc(Easel e, double x, double y, double r, Ink ink) {
        e.batch(ink).disc(x, y, r).fill();
    }

    private static void hills(Easel e) {
        Box a = e.area();
        Ink sky = e.ink(0);
        Ink near = e.ink(e.inks() - 1);
        sky(e, sky, mix(sky, Ink.WHITE, 0.35));
        disc(
                e,
                across(a, e.between(0.55, 0.78)),
                a.y() + a.height() * e.between(0.38, 0.43),
                a.height() * 0.095,
                e.ink(1));
        int layers = 5;
        for (int i = 0; i < layers; i++) {
            double t = i / (layers - 1.0);
            Ink own = t < 0.5 ? mix(e.ink(2), e.ink(3), t * 2) : mix(e.ink(3), near, t * 2 - 1);
            ridge(e, a.y() + a.height() * (0.5 + 0.1 * i), a.height() * (0.055 - 0.004 * i), own);
        }
    }

    private static void ridge(Easel e, double y, double swing, Ink ink) {
        Box a = e.area();
        int n = (int) Math.round(8 * fronts(a)) + 1;
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            xs[i] = a.x() - a.width() * 0.1 + a.width() * 1.2 * i / (n - 1);
            ys[i] = y + e.between(-swing, swing);
        }
        Batch b = e.batch(ink);
        b.through(xs, ys, true)
                .line(a.right() + a.width() * 0.1, a.bottom())
                .line(a.x() - a.width() * 0.1, a.bottom())
                .close()
                .fill();
    }

    private static void mountains(Easel e) {
        Box a = e.area();
        Ink sky = e.ink(0);
        sky(e, sky, mix(sky, e.ink(1), 0.4));
        disc(e, across(a, e.between(0.2, 0.4)), a.y() + a.height() * 0.35, a.height() * 0.065, e.ink(1));
        for (int layer = 0; layer < 4; layer++) {
            Ink own = mix(mix(sky, e.ink(2), 0.35 + 0.2 * layer), e.ink(e.inks() - 1), layer / 3.5);
            double base = a.y() + a.height() * (0.5 + 0.13 * layer);
            double high = a.height() * (0.2 - 0.02 * layer);
            int peaks = (int) Math.round((2.4 + layer) * fronts(a));
            for (int i = 0; i <= peaks; i++) {
                double x = a.x() + a.width() * (i + e.between(-0.2, 0.2)) / peaks;
                double h = high * e.between(0.6, 1.1);
                double w = a.width() / peaks * e.between(0.8, 1);
                e.batch(own)
                        .polygon(
                                x - w,
                                base + a.height() * 0.5,
                                x - w,
                                base,
                                x,
                                base - h,
                                x + w,
                                base,
                                x + w,
                                base + a.height() * 0.5)
                        .fill();
                if (layer < 2) {
                    // Snow lies on the side of the light.
                    e.batch(mix(own, Ink.WHITE, 0.75))
                            .polygon(
                                    x,
                                    base - h,
                                    x + w * 0.3,
                                    base - h * 0.7,
                                    x + w * 0.13,
                                    base - h * 0.75,
                                    x + w * 0.02,
                                    base - h * 0.6,
                                    x - w * 0.1,
                                    base - h * 0.78,
                                    x - w * 0.26,
                                    base - h * 0.74)
                            .fill();
                }
            }
        }
    }

    private static void sea(Easel e) {
        Box a = e.area();
        Ink sky = e.ink(0);
        sky(e, sky, mix(sky, e.ink(1), 0.5));
        double horizon = a.y() + a.height() * 0.56;
        double sun = across(a, e.between(0.38, 0.62));
        disc(e, sun, horizon - a.height() * 0.005, a.height() * 0.13, e.ink(1));
        int rows = 11;
        for (int i = 0; i < rows; i++) {
            double t = i / (rows - 1.0);
            double y = horizon + (a.bottom() - horizon) * Math.pow(t, 1.25) * 0.96;
            Ink own = mix(e.ink(2), e.ink(e.inks() - 1), t);
            int n = (int) Math.round(12 * fronts(a)) + 1;
            double[] xs = new double[n];
            double[] ys = new double[n];
            double swell = a.height() * (0.002 + 0.013 * t);
            for (int k = 0; k < n; k++) {
                xs[k] = a.x() - a.width() * 0.1 + a.width() * 1.2 * k / (n - 1);
                ys[k] = y + (k % 2 == 0 ? swell : -swell) + e.between(-0.3, 0.3) * swell;
            }
            e.batch(own)
                    .through(xs, ys, true)
                    .line(a.right() + a.width() * 0.1, a.bottom())
                    .line(a.x() - a.width() * 0.1, a.bottom())
                    .close()
                    .fill();
            if (i > 0 && i < 7) {
                double w = a.height() * (0.13 - 0.013 * i);
                e.batch(mix(own, e.ink(1), 0.75))
                        .box(sun - w * e.between(0.5, 1), y + swell * 1.6, w * 1.5, a.height() * 0.005)
                        .fill();
            }
        }
        double bx = across(a, e.between(0.14, 0.24));
        double by = horizon + a.height() * 0.045;
        double s = a.height() * 0.052;
        e.batch(e.ink(0))
                .polygon(bx, by - s * 1.9, bx, by - s * 0.2, bx - s * 0.85, by - s * 0.2)
                .fill();
        e.batch(mix(e.ink(0), e.ink(1), 0.5))
                .polygon(bx + s * 0.1, by - s * 1.7, bx + s * 0.1, by - s * 0.2, bx + s * 0.75, by - s * 0.2)
                .fill();
        e.batch(e.ink(e.inks() - 1))
                .polygon(
                        bx - s,
                        by - s * 0.1,
                        bx + s * 0.9,
                        by - s * 0.1,
                        bx + s * 0.6,
                        by + s * 0.25,
                        bx - s * 0.7,
                        by + s * 0.25)
                .fill();
    }

    private static void village(Easel e) {
        hills(e);
        Box a = e.area();
        double s = a.height() * 0.057;
        double foot = a.y() + a.height() * 0.86;
        int n = (int) (a.width() * 0.86 / (s * 1.4));
        for (int i = 0; i < n; i++) {
            double x = a.x() + a.width() * 0.07 + i * s * 1.4 + e.between(-0.2, 0.2) * s;
            double h = s * e.between(0.8, 1.7);
            Ink wall = mix(e.ink(i % 2 == 0 ? 0 : 1), Ink.WHITE, 0.3);
            e.batch(wall).box(x, foot - h, s, h).fill();
            e.batch(e.ink(i % 3 == 0 ? 2 : 3))
                    .polygon(x - s * 0.1, foot - h, x + s / 2, foot - h - s * 0.62, x + s * 1.1, foot - h)
                    .fill();
            Batch window = e.batch(e.ink(e.inks() - 1));
            window.box(x + s * 0.22, foot - h + s * 0.2, s * 0.2, s * 0.24);
            window.box(x + s * 0.58, foot - h + s * 0.2, s * 0.2, s * 0.24);
            window.box(x + s * 0.38, foot - s * 0.42, s * 0.24, s * 0.42);
            window.fill();
        }
        ridge(e, foot + a.height() * 0.012, a.height() * 0.006, e.ink(e.inks() - 1));
    }

    private static void night(Easel e) {
        Box a = e.area();
        Ink deep = e.ink(0);
        sky(e, mix(deep, Ink.BLACK, 0.35), deep);
        Batch stars = e.batch(mix(e.ink(1), Ink.WHITE, 0.6));
        for (int i = 0; i < 130 * fronts(a); i++) {
            double y = a.y() + a.height() * e.chance() * 0.7;
            stars.disc(a.x() + a.width() * e.chance(), y, a.height() * e.between(0.0008, 0.0028));
        }
        stars.fill();
        double r = a.height() * 0.085;
        double x = across(a, 0.62);
        double y = a.y() + a.height() * 0.22;
        Batch moon = e.batch(e.ink(1));
        moon.arc(x, y, r, 60, 300, true);
        moon.arc(x + r * 0.5, y, r * 0.866, 270, 90, false).close().fill();
        for (int i = 0; i < 3; i++) {
            ridge(
                    e,
                    a.y() + a.height() * (0.72 + 0.08 * i),
                    a.height() * 0.03,
                    mix(mix(deep, e.ink(2), 0.3), Ink.BLACK, 0.2 + 0.22 * i));
        }
    }

    /** Lines of equal height as on a walker's map: a sum of a few hills, followed row by row (marching squares). */
    private static void contours(Easel e) {
        Box a = e.area();
        int hills = 7;
        double[][] hill = new double[hills][4];
        for (double[] each : hill) {
            each[0] = a.x() + a.width() * e.between(-0.1, 1.1);
            each[1] = a.y() + a.height() * e.between(-0.1, 1.1);
            each[2] = Math.max(a.width(), a.height()) * e.between(0.12, 0.3);
            each[3] = e.between(0.5, 1.3);
        }
        double cell = Math.max(a.width(), a.height()) / 110;
        int nx = (int) Math.ceil(a.width() / cell) + 1;
        int ny = (int) Math.ceil(a.height() / cell) + 1;
        double[][] z = new double[nx + 1][ny + 1];
        for (int i = 0; i <= nx; i++) {
            for (int j = 0; j <= ny; j++) {
                for (double[] h : hill) {
                    double dx = a.x() + i * cell - h[0];
                    double dy = a.y() + j * cell - h[1];
                    z[i][j] += h[3] * Math.exp(-(dx * dx + dy * dy) / (2 * h[2] * h[2]));
                }
            }
        }
        for (int level = 1; level < 26; level++) {
            Batch b = e.batch(level % 5 == 0 ? 1 : 0);
            march(b, z, level * 0.09, a, cell);
            b.stroke(level % 5 == 0 ? 1.3 : 0.7);
        }
    }

    private static void march(Batch b, double[][] z, double level, Box a, double cell) {
        for (int i = 0; i + 1 < z.length; i++) {
            for (int j = 0; j + 1 < z[0].length; j++) {
                double[] at = new double[8];
                int n = 0;
                double[] corner = {z[i][j], z[i + 1][j], z[i + 1][j + 1], z[i][j + 1]};
                double[] cx = {i, i + 1.0, i + 1.0, i};
                double[] cy = {j, j, j + 1.0, j + 1.0};
                for (int k = 0; k < 4 && n < 8; k++) {
                    double from = corner[k];
                    double to = corner[(k + 1) % 4];
                    if (from < level != to < level) {
                        double t = (level - from) / (to - from);
                        at[n++] = a.x() + (cx[k] + t * (cx[(k + 1) % 4] - cx[k])) * cell;
                        at[n++] = a.y() + (cy[k] + t * (cy[(k + 1) % 4] - cy[k])) * cell;
                    }
                }
                for (int k = 0; k + 3 < n; k += 4) {
                    b.move(at[k], at[k + 1]).line(at[k + 2], at[k + 3]);
                }
            }
        }
    }

    private static void balloons(Easel e) {
        Box a = e.area();
        int n = 6;
        for (int i = 0; i < n; i++) {
            double r = a.width() * e.between(0.09, 0.14);
            double x = a.x() + a.width() * (0.14 + 0.72 * ((i * 2.0 + (i % 2)) % n) / (n - 1));
            double y = a.y() + a.height() * (0.16 + 0.62 * i / n) + e.between(-0.3, 0.3) * r;
            e.batch(mix(e.ink(i), Ink.BLACK, 0.35))
                    .move(x, y + r)
                    .curve(x - r * 0.3, y + r * 2, x + r * 0.3, y + r * 2.4, x, y + r * 3.2)
                    .stroke(0.9);
            e.batch(i).disc(x, y, r).fill();
            e.batch(i)
                    .polygon(x - r * 0.14, y + r * 1.14, x + r * 0.14, y + r * 1.14, x, y + r * 0.94)
                    .fill();
            e.batch(mix(e.ink(i), Ink.WHITE, 0.45))
                    .disc(x - r * 0.34, y - r * 0.36, r * 0.2)
                    .fill();
        }
    }

    private static void bunting(Easel e) {
        Box a = e.area();
        double s = e.unit();
        int rows = (int) Math.max(1, Math.floor(a.height() / (s * 2.6)));
        for (int row = 0; row < rows; row++) {
            double y = a.y() + (row + 0.25) * a.height() / rows;
            int n = (int) Math.ceil(a.width() / s);
            Batch line = e.batch(e.inks() - 1);
            double[] xs = new double[n + 1];
            double[] ys = new double[n + 1];
            for (int i = 0; i <= n; i++) {
                double t = (i / (double) n * 2 + row * 0.5) % 1;
                xs[i] = a.x() + i * a.width() / n;
                ys[i] = y + s * 2.2 * t * (1 - t);
            }
            for (int i = 0; i < n; i++) {
                e.batch(i + row)
                        .polygon(
                                xs[i] + s * 0.06,
                                ys[i],
                                xs[i + 1] - s * 0.06,
                                ys[i + 1],
                                (xs[i] + xs[i + 1]) / 2,
                                (ys[i] + ys[i + 1]) / 2 + s * 0.95)
                        .fill();
            }
            line.through(xs, ys, true).stroke(1.2);
        }
    }
}
