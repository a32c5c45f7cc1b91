package jorn.cover.drawing;

import java.util.List;
import jorn.art.Box;
import jorn.cover.drawing.Easel.Batch;

/** Patterns that repeat in rows and columns. */
final class TileDrawings {
    private static final double ROOT3 = Math.sqrt(3);

    private TileDrawings() {}

    static List<CoverDrawing> all() {
        return List.of(
                new CoverDrawing("hexagons", 0.036, TileDrawings::hexagons),
                new CoverDrawing("stripes", 0.028, TileDrawings::stripes),
                new CoverDrawing("arcs", 0.085, TileDrawings::arcs),
                new CoverDrawing("scales", 0.06, TileDrawings::scales),
                new CoverDrawing("dots", 0.032, TileDrawings::dots),
                new CoverDrawing("tiles", 0.105, TileDrawings::tiles),
                new CoverDrawing("triangles", 0.075, TileDrawings::triangles),
                new CoverDrawing("rules", 0.035, TileDrawings::rules),
                new CoverDrawing("herringbone", 0.03, TileDrawings::herringbone),
                new CoverDrawing("chevrons", 0.05, TileDrawings::chevrons),
                new CoverDrawing("petals", 0.09, TileDrawings::petals),
                new CoverDrawing("checks", 0.05, TileDrawings::checks),
                new CoverDrawing("waves", 0.045, TileDrawings::waves),
                new CoverDrawing("squares", 0.02, TileDrawings::squares));
    }

    /** Cells of a comb; most as the ground, some deeper, a few full. */
    private static void hexagons(Easel e) {
        double r = e.unit();
        double gap = r * 0.07;
        double across = ROOT3 * r;
        Batch quiet = e.batch(1);
        Batch soft = e.batch(2);
        Batch full = e.batch(0);
        Box a = e.area();
        int row = 0;
        for (double y = a.y() - r; y < a.bottom() + r; y += 1.5 * r, row++) {
            for (double x = a.x() - across + (row % 2) * across / 2; x < a.right() + across; x += across) {
                double c = e.chance();
                (c < 0.12 ? full : c < 0.42 ? soft : quiet).regular(x, y, r - gap, 6, 30);
            }
        }
        quiet.fill();
        soft.fill();
        full.fill();
    }

    private static void stripes(Easel e) {
        Box a = e.area();
        double w = e.unit();
        Batch b = e.batch(0);
        double slant = a.height() * 0.33;
        for (double x = a.x() - slant; x < a.right() + w; x += 2 * w) {
            b.polygon(x, a.bottom(), x + w * 0.8, a.bottom(), x + w * 0.8 + slant, a.y(), x + slant, a.y());
        }
        b.fill();
    }

    /** Rows of arcs within arcs, each row in other colours. */
    private static void arcs(Easel e) {
        Box a = e.area();
        double r = e.unit();
        int columns = (int) Math.max(2, Math.round(a.width() / (2 * r)));
        double own = a.width() / columns / 2;
        int row = e.pick(e.inks());
        for (double y = a.bottom(); y > a.y() + own * 0.9; y -= own * 1.62, row++) {
            Batch outer = e.batch(row);
            Batch inner = e.batch(row + 1 + e.pick(Math.max(1, e.inks() - 1)));
            for (int i = 0; i < columns; i++) {
                double x = a.x() + (2 * i + 1) * own;
                outer.ring(x, y, own * 0.97, own * 0.72, -180, 0);
                inner.ring(x, y, own * 0.5, own * 0.24, -180, 0);
            }
            outer.fill();
            inner.fill();
        }
    }

    private static void scales(Easel e) {
        Box a = e.area();
        double r = e.unit();
        int row = 0;
        for (double y = a.y() - r; y < a.bottom() + r; y += r, row++) {
            for (double x = a.x() - r + (row % 2) * r; x < a.right() + r; x += 2 * r) {
                int own = e.pick(3) == 0 ? e.pick(e.inks()) : row;
                e.batch(own).disc(x, y + r, r).fill();
                e.batch(own + 1).disc(x, y + r * 1.25, r * 0.72).fill();
                e.batch(own).disc(x, y + r * 1.5, r * 0.42).fill();
            }
        }
    }

    private static void dots(Easel e) {
        Box a = e.area();
        double pitch = e.unit() * 1.5;
        Batch[] by = new Batch[e.inks()];
        for (int i = 0; i < by.length; i++) {
            by[i] = e.batch(i);
        }
        int row = 0;
        for (double y = a.y(); y < a.bottom() + pitch; y += pitch * 0.87, row++) {
            for (double x = a.x() + (row % 2) * pitch / 2; x < a.right() + pitch; x += pitch) {
                by[e.pick(5) == 0 ? e.pick(by.length) : 0].disc(x, y, pitch * 0.24);
            }
        }
        for (Batch each : by) {
            each.fill();
        }
    }

    /** Squares with quarters of circles, as on a floor. */
    private static void tiles(Easel e) {
        Box a = e.area();
        int columns = (int) Math.max(2, Math.round(a.width() / e.unit()));
        double s = a.width() / columns;
        for (double y = a.y(); y < a.bottom(); y += s) {
            for (int i = 0; i < columns; i++) {
                tile(e, a.x() + i * s, y, s);
            }
        }
    }

    private static void tile(Easel e, double x, double y, double s) {
        int ground = e.pick(e.inks());
        int other = ground + 1 + e.pick(Math.max(1, e.inks() - 1));
        e.batch(ground).box(x - 0.15, y - 0.15, s + 0.3, s + 0.3).fill();
        Batch b = e.batch(other);
        int corner = e.pick(4);
        double cx = corner % 2 == 0 ? x : x + s;
        double cy = corner < 2 ? y : y + s;
        double from = corner == 0 ? 0 : corner == 1 ? 90 : corner == 2 ? 270 : 180;
        switch (e.pick(6)) {
            case 0 -> b.move(cx, cy).arc(cx, cy, s, from, from + 90, false).close();
            case 1 -> b.ring(cx, cy, s, s * 0.55, from, from + 90);
            case 2 -> b.disc(x + s / 2, y + s / 2, s * 0.34);
            case 3 -> b.move(cx, cy)
                    .arc(cx, cy, s / 2, from, from + 90, false)
                    .close()
                    .move(x + x + s - cx, y + y + s - cy)
                    .arc(x + x + s - cx, y + y + s - cy, s / 2, from + 180, from + 270, false)
                    .close();
            case 4 -> b.leaf(x, corner % 2 == 0 ? y : y + s, corner % 2 == 0 ? 45 : -45, s * Math.sqrt(2), 0.36);
            default -> b.polygon(x, y + s, x + s / 2, y, x + s, y + s);
        }
        b.fill();
    }

    private static void triangles(Easel e) {
        Box a = e.area();
        double s = e.unit();
        double h = s * ROOT3 / 2;
        Batch[] by = new Batch[e.inks()];
        for (int i = 0; i < by.length; i++) {
            by[i] = e.batch(i);
        }
        int row = 0;
        for (double y = a.y(); y < a.bottom(); y += h, row++) {
            for (double x = a.x() - s + (row % 2) * s / 2; x < a.right() + s; x += s) {
                by[e.pick(by.length)].polygon(x, y + h + 0.1, x + s, y + h + 0.1, x + s / 2, y);
                by[e.pick(by.length)].polygon(x + s / 2, y, x + 1.5 * s, y, x + s, y + h + 0.1);
            }
        }
        for (Batch each : by) {
            each.fill();
        }
    }

    private static void rules(Easel e) {
        Box a = e.area();
        Batch b = e.batch(0);
        for (double y = a.y() + e.unit(); y < a.bottom(); y += e.unit()) {
            b.move(a.x(), y).line(a.right(), y);
        }
        b.stroke(0.6);
    }

    private static void squares(Easel e) {
        Box a = e.area();
        Batch b = e.batch(0);
        for (double y = a.y() + e.unit(); y < a.bottom(); y += e.unit()) {
            b.move(a.x(), y).line(a.right(), y);
        }
        for (double x = a.x() + e.unit(); x < a.right(); x += e.unit()) {
            b.move(x, a.y()).line(x, a.bottom());
        }
        b.stroke(0.5);
    }

    private static void herringbone(Easel e) {
        Box a = e.area();
        double w = e.unit();
        double length = 3 * w;
        Batch[] by = {e.batch(0), e.batch(1), e.batch(2)};
        double diagonal = Math.hypot(a.width(), a.height());
        double cx = a.centreX();
        double cy = a.centreY();
        double c = Math.sqrt(0.5);
        int n = (int) (diagonal / w) + 4;
        for (int i = -n; i < n; i++) {
            for (int j = -n / 3 - 2; j < n / 3 + 2; j++) {
                // Bricks lie across, then upright, each a step further down.
                brick(by[e.pick(3)], cx, cy, c, i * w + j * 2 * length, i * w, length, w);
                brick(by[e.pick(3)], cx, cy, c, i * w + length + j * 2 * length, i * w - length + w, w, length);
            }
        }
        for (Batch each : by) {
            each.fill();
        }
    }

    private static void brick(Batch b, double cx, double cy, double c, double x, double y, double w, double h) {
        double g = Math.min(w, h) * 0.07;
        double[] xs = {x + g, x + w - g, x + w - g, x + g};
        double[] ys = {y + g, y + g, y + h - g, y + h - g};
        double[] to = new double[8];
        for (int i = 0; i < 4; i++) {
            to[2 * i] = cx + (xs[i] - ys[i]) * c;
            to[2 * i + 1] = cy + (xs[i] + ys[i]) * c;
        }
        b.polygon(to);
    }

    private static void chevrons(Easel e) {
        Box a = e.area();
        double s = e.unit();
        int columns = (int) Math.max(2, Math.round(a.width() / (2 * s)));
        double half = a.width() / columns / 2;
        double rise = half * 0.6;
        int row = 0;
        for (double y = a.y() - rise - s; y < a.bottom() + rise; y += s, row++) {
            Batch b = e.batch(row);
            b.move(a.x(), y);
            for (int i = 0; i < columns; i++) {
                b.line(a.x() + (2 * i + 1) * half, y + rise).line(a.x() + (2 * i + 2) * half, y);
            }
            b.line(a.right(), y + s * 0.62);
            for (int i = columns - 1; i >= 0; i--) {
                b.line(a.x() + (2 * i + 1) * half, y + rise + s * 0.62).line(a.x() + 2 * i * half, y + s * 0.62);
            }
            b.close().fill();
        }
    }

    /** Four leaves round each crossing, a bead between. */
    private static void petals(Easel e) {
        Box a = e.area();
        int columns = (int) Math.max(2, Math.round(a.width() / e.unit()));
        double s = a.width() / columns;
        Batch leaves = e.batch(0);
        Batch second = e.batch(1);
        Batch beads = e.batch(2);
        int row = 0;
        for (double y = a.y(); y < a.bottom() + s; y += s, row++) {
            for (int i = 0; i <= columns; i++) {
                double x = a.x() + i * s;
                Batch own = (i + row) % 2 == 0 ? leaves : second;
                for (int k = 0; k < 4; k++) {
                    own.leaf(x, y, 45 + 90 * k, s * 0.62, 0.3);
                }
                beads.disc(x + s / 2, y, s * 0.07).disc(x, y + s / 2, s * 0.07);
            }
        }
        leaves.fill();
        second.fill();
        beads.fill();
    }

    /** A woven check: bands across and down, darker where they cross. */
    private static void checks(Easel e) {
        Box a = e.area();
        int columns = (int) Math.max(4, 2 * Math.round(a.width() / (2 * e.unit())));
        double s = a.width() / columns;
        Batch down = e.batch(0);
        Batch across = e.batch(0);
        Batch both = e.batch(1);
        int rows = (int) Math.ceil(a.height() / s);
        for (int i = 0; i < columns; i++) {
            for (int j = 0; j < rows; j++) {
                Batch own = i % 2 == 0 && j % 2 == 0 ? both : i % 2 == 0 ? down : j % 2 == 0 ? across : null;
                if (own != null) {
                    own.box(a.x() + i * s, a.y() + j * s, s, s);
                }
            }
        }
        down.fill();
        across.fill();
        both.fill();
    }

    private static void waves(Easel e) {
        Box a = e.area();
        double s = e.unit();
        int row = 0;
        for (double y = a.y() - s; y < a.bottom() + 2 * s; y += s, row++) {
            int n = (int) Math.ceil(a.width() / (s * 1.6)) + 2;
            double[] x = new double[n];
            double[] ys = new double[n];
            for (int i = 0; i < n; i++) {
                x[i] = a.x() + (i - 0.5 + (row % 2) * 0.5) * s * 1.6;
                ys[i] = y + (i % 2 == 0 ? -s * 0.3 : s * 0.3);
            }
            Batch b = e.batch(row);
            b.through(x, ys, true)
                    .line(a.right() + 2 * s, a.bottom() + s)
                    .line(a.x() - 2 * s, a.bottom() + s)
                    .close()
                    .fill();
        }
    }
}
