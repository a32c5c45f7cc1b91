package jorn.cover.drawing;

import java.util.List;
import jorn.art.Box;
import jorn.cover.drawing.Easel.Batch;

/** Plants by rule: wreaths, sprays, stems that grow from the foot. */
final class PlantDrawings {
    private PlantDrawings() {}

    static List<CoverDrawing> all() {
        return List.of(
                new CoverDrawing("wreath", 0.05, PlantDrawings::wreath),
                new CoverDrawing("laurel", 0.05, PlantDrawings::laurel),
                new CoverDrawing("meadow", 0.06, PlantDrawings::meadow),
                new CoverDrawing("sprays", 0.06, PlantDrawings::sprays),
                new CoverDrawing("fern", 0.06, PlantDrawings::fern),
                new CoverDrawing("garland", 0.04, PlantDrawings::garland),
                new CoverDrawing("tree", 0.06, PlantDrawings::tree));
    }

    /** Leaves of several greens along a ring, berries between; thicker here, thinner there. */
    private static void wreath(Easel e) {
        Box a = e.area();
        double u = e.unit();
        double r = Math.min(a.width(), a.height()) / 2 - u * 0.9;
        int n = (int) (2 * Math.PI * r / (u * 0.17));
        double phase = e.between(0, 6.28);
        int berries = e.inks() - 1;
        for (int i = 0; i < n; i++) {
            double at = 360.0 * i / n + e.between(-2, 2);
            double rad = Math.toRadians(at);
            double thick = 0.72 + 0.28 * Math.sin(3 * rad + phase);
            double own = r + u * e.between(-0.3, 0.3) * thick;
            double x = a.centreX() + own * Math.cos(rad);
            double y = a.centreY() + own * Math.sin(rad);
            double way = at + 90 + e.between(-58, 58);
            e.batch(i % 7 == 0 ? Math.max(0, berries - 1) : e.pick(Math.max(1, e.inks() - 2)))
                    .leaf(x, y, way, u * e.between(0.5, 0.82) * thick, 0.24)
                    .fill();
            if (e.pick(9) == 0) {
                e.batch(berries)
                        .disc(x + u * e.between(-0.25, 0.25), y + u * e.between(-0.25, 0.25), u * 0.085)
                        .fill();
            }
        }
    }

    /** Two branches that rise from the foot and nearly meet at the top. */
    private static void laurel(Easel e) {
        Box a = e.area();
        double u = e.unit();
        double r = Math.min(a.width(), a.height()) / 2 - u * 0.8;
        for (int side = -1; side <= 1; side += 2) {
            Batch stem = e.batch(0);
            stem.arc(a.centreX(), a.centreY(), r, 90, 90 + side * -150, true);
            stem.stroke(Math.max(0.8, u * 0.05));
            int n = (int) (r / (u * 0.22));
            for (int i = 0; i <= n; i++) {
                double at = 96 * side;
                double deg = 90 - side * (8 + 140.0 * i / n);
                double rad = Math.toRadians(deg);
                double x = a.centreX() + r * Math.cos(rad);
                double y = a.centreY() + r * Math.sin(rad);
                double along = deg - 90 * side;
                double length = u * (0.9 - 0.35 * i / n);
                e.batch(i % 3 == 0 ? 1 : 0)
                        .leaf(x, y, along - 38, length, 0.22)
                        .leaf(x, y, along + 38, length, 0.22)
                        .fill();
                if (i == n) {
                    e.batch(0).leaf(x, y, along, length, 0.24).fill();
                }
                if (i % 4 == 2 && at != 0) {
                    e.batch(e.inks() - 1)
                            .disc(x + Math.cos(rad) * u * 0.34, y + Math.sin(rad) * u * 0.34, u * 0.09)
                            .fill();
                }
            }
        }
    }

    /** Stems of several heights along the foot: grasses, blossoms, seed heads. */
    private static void meadow(Easel e) {
        Box a = e.area();
        double u = e.unit();
        int n = (int) Math.max(6, a.width() / (u * 0.42));
        for (int layer = 0; layer < 2; layer++) {
            for (int i = 0; i < n; i++) {
                double x = a.x() + a.width() * (i + e.between(0.1, 0.9)) / n;
                double rise = a.height() * (layer == 0 ? e.between(0.62, 0.98) : e.between(0.3, 0.66));
                double lean = e.between(-0.14, 0.14) * rise;
                stem(e, x, a.bottom() + u * 0.2, x + lean, a.bottom() - rise, (i * 5 + layer * 3 + e.pick(3)) % 6);
            }
        }
    }

    private static void stem(Easel e, double x, double y, double tx, double ty, int kind) {
        double u = e.unit();
        int green = e.pick(Math.max(1, e.inks() - 2));
        int bloom = e.inks() - 1 - e.pick(2);
        double length = y - ty;
        e.batch(green)
                .move(x, y)
                .curve(x, y - length * 0.4, tx - (tx - x) * 0.3, ty + length * 0.3, tx, ty)
                .stroke(Math.max(0.9, u * 0.05));
        Batch leaves = e.batch(green);
        for (int k = 1; k < 5; k++) {
            double t = 0.16 * k + 0.08;
            double px = x + (tx - x) * t * t;
            double py = y - length * t;
            leaves.leaf(px, py, k % 2 == 0 ? -38 : -142, u * (0.95 - 0.1 * k), 0.17);
        }
        leaves.fill();
        switch (kind) {
            case 0, 3 -> daisy(e, tx, ty, u * 0.46, bloom);
            case 1 -> {
                Batch b = e.batch(bloom);
                for (int k = 0; k < 7; k++) {
                    b.disc(tx + (k % 2 == 0 ? -1 : 1) * u * 0.09, ty + k * u * 0.16, u * (0.07 + 0.012 * k));
                }
                b.fill();
            }
            case 2 -> {
                Batch b = e.batch(bloom);
                for (int k = -3; k <= 3; k++) {
                    double at = Math.toRadians(-90 + k * 17);
                    double px = tx + Math.cos(at) * u * 0.5;
                    double py = ty + Math.sin(at) * u * 0.5;
                    e.batch(green).move(tx, ty).line(px, py).stroke(Math.max(0.6, u * 0.022));
                    b.disc(px, py, u * 0.075);
                }
                b.fill();
            }
            case 4 -> {
                Batch b = e.batch(bloom);
                for (int k = 0; k < 5; k++) {
                    b.leaf(tx, ty + u * 0.34, -90 + (k - 2) * 26, u * 0.62, 0.26);
                }
                b.fill();
            }
            default -> {
                Batch b = e.batch(green);
                for (int k = 0; k < 6; k++) {
                    b.leaf(tx, ty + k * u * 0.17, -50, u * 0.3, 0.2).leaf(tx, ty + k * u * 0.17, -130, u * 0.3, 0.2);
                }
                b.fill();
            }
        }
    }

    private static void daisy(Easel e, double x, double y, double r, int ink) {
        Batch b = e.batch(ink);
        int n = 11;
        for (int k = 0; k < n; k++) {
            b.leaf(x, y, 360.0 * k / n, r, 0.15);
        }
        b.fill();
        e.batch(e.inks() - 1 == ink ? e.inks() - 2 : e.inks() - 1)
                .disc(x, y, r * 0.26)
                .fill();
    }

    /** Sprays that reach into the box from two opposite corners. */
    private static void sprays(Easel e) {
        Box a = e.area();
        double reach = Math.min(a.width(), a.height()) * 0.62;
        spray(e, a.right(), a.y(), 135, reach);
        spray(e, a.x(), a.bottom(), -45, reach);
    }

    private static void spray(Easel e, double x, double y, double way, double reach) {
        double u = e.unit();
        for (int i = -3; i <= 3; i++) {
            double own = reach * (1 - Math.abs(i) * 0.11) * e.between(0.82, 1);
            branch(e, x, y, way + i * 17, own, i & 1);
        }
        for (int i = 0; i < 9; i++) {
            double at = Math.toRadians(way + e.between(-48, 48));
            double far = reach * e.between(0.12, 0.5);
            double px = x + Math.cos(at) * far;
            double py = y + Math.sin(at) * far;
            ScatterDrawings.blossom(e, px, py, u * e.between(0.42, 0.85), Math.max(0, e.inks() - 2 - e.pick(2)));
        }
    }

    private static void branch(Easel e, double x, double y, double way, double length, int ink) {
        double u = e.unit();
        double bend = e.between(-16, 16);
        int n = (int) Math.max(5, length / (u * 0.5));
        double px = x;
        double py = y;
        for (int i = 1; i <= n; i++) {
            double deg = way + bend * i / n;
            double rad = Math.toRadians(deg);
            double nx = px + Math.cos(rad) * length / n;
            double ny = py + Math.sin(rad) * length / n;
            e.batch(ink).move(px, py).line(nx, ny).stroke(Math.max(0.8, u * 0.045));
            double leaf = u * (1.15 - 0.6 * i / n);
            e.batch(ink)
                    .leaf(nx, ny, deg - 44, leaf, 0.22)
                    .leaf(nx, ny, deg + 44, leaf, 0.22)
                    .fill();
            px = nx;
            py = ny;
        }
    }

    /** One frond over the whole height. */
    private static void fern(Easel e) {
        Box a = e.area();
        double x = a.centreX();
        int n = 15;
        double top = a.y() + a.height() * 0.02;
        e.batch(0).move(x, a.bottom()).line(x, top).stroke(Math.max(1, a.width() * 0.008));
        for (int i = 0; i < n; i++) {
            double t = i / (double) n;
            double y = a.bottom() - a.height() * (0.1 + 0.86 * t);
            double length = a.width() * 0.49 * Math.sin(Math.PI * (0.16 + 0.84 * (1 - t) * 0.95));
            for (int side = -1; side <= 1; side += 2) {
                double way = side < 0 ? 180 + 34 : -34;
                e.batch(i % 2).leaf(x, y, way, length, 0.1).fill();
            }
        }
    }

    /** A string of leaves along the top, hanging in two bows. */
    private static void garland(Easel e) {
        Box a = e.area();
        double u = e.unit();
        int bows = 2;
        double w = a.width() / bows;
        double deep = a.height() * 0.5;
        for (int i = 0; i < bows; i++) {
            int n = (int) (w / (u * 0.17));
            for (int k = 0; k <= n; k++) {
                double t = k / (double) n;
                double x = a.x() + (i + t) * w;
                double y = a.y() + a.height() * 0.2 + deep * 4 * t * (1 - t);
                double slope = Math.toDegrees(Math.atan2(deep * 4 * (1 - 2 * t), w));
                double full = 0.75 + 0.5 * Math.sin(Math.PI * t);
                e.batch(e.pick(3))
                        .leaf(x, y, slope + (k % 2 == 0 ? 1 : -1) * e.between(35, 75), u * full, 0.24)
                        .fill();
                if (k % 6 == 2) {
                    e.batch(e.inks() - 1).disc(x, y + u * 0.2, u * 0.12).fill();
                }
            }
        }
    }

    /** A round crown of leaves on a stem. */
    private static void tree(Easel e) {
        Box a = e.area();
        double u = e.unit();
        double r = Math.min(a.width(), a.height() * 0.8) / 2;
        double cy = a.y() + r;
        double x = a.centreX();
        double stem = r * 0.07;
        e.batch(e.inks() - 1)
                .polygon(x - stem, a.bottom(), x + stem, a.bottom(), x + stem * 0.5, cy, x - stem * 0.5, cy)
                .fill();
        for (int i = 0; i < 420; i++) {
            double at = e.between(0, 360);
            double far = r * Math.sqrt(e.chance()) * 0.9;
            double px = x + far * Math.cos(Math.toRadians(at));
            double py = cy + far * Math.sin(Math.toRadians(at));
            e.batch(e.pick(Math.max(1, e.inks() - 1)))
                    .leaf(px, py, at + e.between(-50, 50), u * e.between(0.3, 0.55), 0.26)
                    .fill();
        }
    }
}
