package jorn.cover.drawing;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.cover.drawing.Easel.Batch;

/** Single figures of geometry: rosettes, suns, circles in balance, paper cut away. */
final class ShapeDrawings {
    private ShapeDrawings() {}

    static List<CoverDrawing> all() {
        return List.of(
                new CoverDrawing("rosette", 0.05, ShapeDrawings::rosette),
                new CoverDrawing("sunburst", 0.05, ShapeDrawings::sunburst),
                new CoverDrawing("rings", 0.05, ShapeDrawings::rings),
                new CoverDrawing("balance", 0.05, ShapeDrawings::balance),
                new CoverDrawing("rainbow", 0.05, ShapeDrawings::rainbow),
                new CoverDrawing("strata", 0.05, ShapeDrawings::strata),
                new CoverDrawing("spiral", 0.05, ShapeDrawings::spiral),
                new CoverDrawing("comb", 0.05, ShapeDrawings::comb),
                new CoverDrawing("phases", 0.05, ShapeDrawings::phases));
    }

    private static double radius(Box a) {
        return Math.min(a.width(), a.height()) / 2;
    }

    /** Petals in rings of twelve and twenty-four, drawn as lines. */
    private static void rosette(Easel e) {
        Box a = e.area();
        double r = radius(a);
        double weight = Math.max(0.6, r * 0.006);
        int folds = List.of(8, 12, 12, 16).get(e.pick(4));
        double[] reach = {0.96, 0.7, 0.44};
        for (int ring = 0; ring < reach.length; ring++) {
            int n = ring == 0 ? folds * 2 : folds;
            Batch b = e.batch(ring == 1 ? 1 : 0);
            for (int i = 0; i < n; i++) {
                b.leaf(a.centreX(), a.centreY(), 360.0 * (i + ring * 0.5) / n, r * reach[ring], 0.16);
            }
            b.stroke(weight * (1 + 0.35 * ring));
        }
        Batch beads = e.batch(0);
        for (int i = 0; i < folds; i++) {
            double at = Math.toRadians(360.0 * (i + 0.5) / folds);
            beads.disc(a.centreX() + r * 0.83 * Math.cos(at), a.centreY() + r * 0.83 * Math.sin(at), r * 0.013);
        }
        beads.disc(a.centreX(), a.centreY(), r * 0.05);
        beads.fill();
    }

    private static void sunburst(Easel e) {
        Box a = e.area();
        double far = Math.hypot(a.width(), a.height());
        double cx = a.centreX();
        double cy = a.y() + a.height() * 0.62;
        int rays = 36;
        Batch b = e.batch(0);
        for (int i = 0; i < rays; i++) {
            double from = Math.toRadians(360.0 * i / rays);
            double to = Math.toRadians(360.0 * (i + 0.5) / rays);
            b.polygon(
                    cx,
                    cy,
                    cx + far * Math.cos(from),
                    cy + far * Math.sin(from),
                    cx + far * Math.cos(to),
                    cy + far * Math.sin(to));
        }
        b.fill();
    }

    private static void rings(Easel e) {
        Box a = e.area();
        double r = radius(a);
        int n = 7;
        for (int i = 0; i < n; i++) {
            e.batch(i).disc(a.centreX(), a.centreY(), r * (n - i) / n).fill();
        }
    }

    /** A large disc, a bar, a half disc and small ones, set against each other. */
    private static void balance(Easel e) {
        Box a = e.area();
        double w = a.width();
        double h = a.height();
        double r = w * e.between(0.3, 0.38);
        boolean left = e.pick(2) == 0;
        double cx = left ? a.x() + r * 1.05 : a.right() - r * 1.05;
        double cy = a.y() + h * 0.4;
        e.batch(0).disc(cx, cy, r).fill();
        e.batch(1).box(a.x(), a.y() + h * 0.62, w, h * 0.1).fill();
        double hx = left ? a.right() - w * 0.26 : a.x() + w * 0.26;
        e.batch(2)
                .move(hx, a.y() + h * 0.62)
                .arc(hx, a.y() + h * 0.62, w * 0.24, 180, 360, true)
                .close()
                .fill();
        e.batch(3)
                .move(hx, a.y() + h * 0.72)
                .arc(hx, a.y() + h * 0.72, w * 0.24, 0, 180, true)
                .close()
                .fill();
        Batch bar = e.batch(2);
        for (int i = 0; i < 5; i++) {
            bar.box(
                    left ? a.x() + w * 0.08 + i * w * 0.05 : a.right() - w * 0.1 - i * w * 0.05,
                    a.y() + h * 0.77,
                    w * 0.022,
                    h * 0.2);
        }
        bar.fill();
        e.batch(3)
                .disc(left ? a.right() - w * 0.16 : a.x() + w * 0.16, a.y() + h * 0.16, w * 0.065)
                .fill();
        e.batch(1).disc(cx, cy, r * 0.36).fill();
    }

    private static void rainbow(Easel e) {
        Box a = e.area();
        double r = Math.min(a.width() / 2, a.height());
        double band = r * 0.15;
        for (int i = 0; i < 5; i++) {
            e.batch(i)
                    .ring(a.centreX(), a.bottom(), r - i * band, r - (i + 0.84) * band, -180, 0)
                    .fill();
        }
    }

    /** Sheets of torn paper, one before the other. */
    private static void strata(Easel e) {
        Box a = e.area();
        int layers = 6;
        for (int i = 0; i < layers; i++) {
            double y = a.y() + a.height() * i / layers;
            torn(e, y, e.ink(e.inks() - 1), -a.height() * 0.007);
            torn(e, y + a.height() * 0.006, e.ink(i % Math.max(1, e.inks() - 1)), 0);
        }
    }

    private static void torn(Easel e, double y, Ink ink, double lift) {
        Box a = e.area();
        Batch b = e.batch(ink);
        b.move(a.x(), a.bottom()).line(a.x(), y + lift);
        int n = 90;
        double drift = 0;
        for (int i = 0; i <= n; i++) {
            drift = drift * 0.86 + e.between(-1, 1) * a.height() * 0.007;
            double fine = e.between(-1, 1) * a.height() * 0.0018;
            b.line(a.x() + a.width() * i / n, y + lift + drift + fine + a.height() * 0.02 * Math.sin(i * 0.07 + y));
        }
        b.line(a.right(), a.bottom()).close().fill();
    }

    /** Seeds of a sunflower: each a golden angle further (Vogel's spiral). */
    private static void spiral(Easel e) {
        Box a = e.area();
        double r = radius(a);
        int n = 420;
        double golden = Math.PI * (3 - Math.sqrt(5));
        Batch[] by = new Batch[e.inks()];
        for (int i = 0; i < by.length; i++) {
            by[i] = e.batch(i);
        }
        for (int i = 1; i < n; i++) {
            double far = r * 0.97 * Math.sqrt(i / (double) n);
            double at = i * golden;
            by[i % 13 == 0 ? 1 : i % 34 == 0 ? by.length - 1 : 0].disc(
                    a.centreX() + far * Math.cos(at), a.centreY() + far * Math.sin(at), r * (0.008 + 0.017 * i / n));
        }
        for (Batch each : by) {
            each.fill();
        }
    }

    /** A patch of a comb, some of its cells filled. */
    private static void comb(Easel e) {
        Box a = e.area();
        double r = radius(a) / 5.2;
        double across = Math.sqrt(3) * r;
        for (int row = -3; row <= 3; row++) {
            int n = 7 - Math.abs(row);
            for (int i = 0; i < n; i++) {
                double x = a.centreX() + (i - (n - 1) / 2.0) * across;
                double y = a.centreY() + row * 1.5 * r;
                boolean edge = Math.abs(row) == 3 || i == 0 || i == n - 1;
                if (edge && e.pick(3) == 0) {
                    continue;
                }
                if (e.pick(5) < 2) {
                    e.batch(1 + e.pick(Math.max(1, e.inks() - 1)))
                            .regular(x, y, r * 0.84, 6, 30)
                            .fill();
                } else {
                    e.batch(0).regular(x, y, r * 0.86, 6, 30).stroke(Math.max(1, r * 0.09));
                }
            }
        }
    }

    private static void phases(Easel e) {
        Box a = e.area();
        int n = 5;
        double r = Math.min(a.width() / n * 0.4, a.height() / 2);
        for (int i = 0; i < n; i++) {
            double x = a.x() + a.width() * (i + 0.5) / n;
            double y = a.centreY();
            e.batch(1).disc(x, y, r).fill();
            Batch lit = e.batch(0);
            if (i == n / 2) {
                lit.disc(x, y, r);
            } else {
                double bulge = i % 4 == 0 ? -0.62 : 0.45;
                boolean waxing = i < n / 2;
                lit.arc(x, y, r, waxing ? -90 : 90, waxing ? 90 : 270, true);
                double back = (waxing ? -1 : 1) * r * bulge * 1.33;
                lit.curve(x + back, y + (waxing ? r : -r), x + back, y + (waxing ? -r : r), x, y + (waxing ? -r : r));
                lit.close();
            }
            lit.fill();
        }
    }
}
