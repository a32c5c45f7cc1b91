package jorn.cover.drawing;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.cover.drawing.Easel.Batch;

/** Patterns of things that lie about, none on another. */
final class ScatterDrawings {
    private static final int TRIES = 30;
    /** So many in a row that found no place, and the field is full. */
    private static final int FULL = 25;

    private ScatterDrawings() {}

    static List<CoverDrawing> all() {
        return List.of(
                new CoverDrawing("terrazzo", 0.03, ScatterDrawings::terrazzo),
                new CoverDrawing("leaves", 0.075, ScatterDrawings::leaves),
                new CoverDrawing("sprigs", 0.075, ScatterDrawings::sprigs),
                new CoverDrawing("blossoms", 0.06, ScatterDrawings::blossoms),
                new CoverDrawing("stars", 0.028, ScatterDrawings::stars),
                new CoverDrawing("crosses", 0.04, ScatterDrawings::crosses),
                new CoverDrawing("confetti", 0.03, ScatterDrawings::confetti),
                new CoverDrawing("pebbles", 0.06, ScatterDrawings::pebbles),
                new CoverDrawing("brush", 0.05, ScatterDrawings::brush));
    }

    /** A place that nothing else is near. */
    record Spot(double x, double y, double r) {}

    /** Places at least twice their radius apart (thrown like darts, each tried several times). */
    static List<Spot> spots(Easel e, double least, double most) {
        Box a = e.area().outset(most);
        Field field = new Field(a, 2 * most);
        int wanted = (int) Math.min(4000, a.width() * a.height() / (least * least * 2.2));
        int missed = 0;
        for (int i = 0; i < wanted && missed < FULL; i++) {
            boolean found = false;
            for (int t = 0; t < TRIES && !found; t++) {
                double r = most + (least - most) * t / TRIES;
                Spot spot = new Spot(e.between(a.x(), a.right()), e.between(a.y(), a.bottom()), r);
                found = field.takes(spot);
            }
            missed = found ? 0 : missed + 1;
        }
        return field.all;
    }

    /** Where spots lie, by squares so large that only those next to each other need be compared. */
    private static final class Field {
        private final List<Spot> all = new ArrayList<>();
        private final java.util.Map<Long, List<Spot>> squares = new java.util.HashMap<>();
        private final Box area;
        private final double side;

        private Field(Box area, double side) {
            this.area = area;
            this.side = side;
        }

        private long square(double x, double y, int dx, int dy) {
            long column = (long) ((x - area.x()) / side) + dx + 10;
            long row = (long) ((y - area.y()) / side) + dy + 10;
            return column * 100_000 + row;
        }

        /** Takes a spot in where nothing is near it. */
        private boolean takes(Spot spot) {
            for (int dx = -1; dx <= 1; dx++) {
                for (int dy = -1; dy <= 1; dy++) {
                    for (Spot other : squares.getOrDefault(square(spot.x, spot.y, dx, dy), List.of())) {
                        if (Math.hypot(other.x - spot.x, other.y - spot.y) <= other.r + spot.r) {
                            return false;
                        }
                    }
                }
            }
            all.add(spot);
            squares.computeIfAbsent(square(spot.x, spot.y, 0, 0), k -> new ArrayList<>())
                    .add(spot);
            return true;
        }
    }

    private static void terrazzo(Easel e) {
        double u = e.unit();
        for (Spot s : spots(e, u * 0.35, u * 1.1)) {
            int corners = 4 + e.pick(3);
            double[] xy = new double[corners * 2];
            double turned = e.between(0, 6.28);
            for (int i = 0; i < corners; i++) {
                double r = s.r() * e.between(0.55, 0.95);
                double at = turned + 2 * Math.PI * i / corners;
                xy[2 * i] = s.x() + r * Math.cos(at);
                xy[2 * i + 1] = s.y() + r * Math.sin(at);
            }
            e.batch(e.pick(e.inks())).polygon(xy).fill();
        }
    }

    private static void leaves(Easel e) {
        double u = e.unit();
        for (Spot s : spots(e, u * 0.42, u * 0.5)) {
            double turn = e.between(0, 360);
            double a = Math.toRadians(turn);
            double length = s.r() * 1.8;
            double x = s.x() - Math.cos(a) * length / 2;
            double y = s.y() - Math.sin(a) * length / 2;
            int own = e.pick(e.inks());
            e.batch(own).leaf(x, y, turn, length, 0.26).fill();
            e.batch(own + 1)
                    .move(x, y)
                    .line(x + Math.cos(a) * length * 0.8, y + Math.sin(a) * length * 0.8)
                    .stroke(Math.max(0.6, u * 0.016));
        }
    }

    private static void sprigs(Easel e) {
        double u = e.unit();
        for (Spot s : spots(e, u * 0.52, u * 0.6)) {
            sprig(e, s.x(), s.y() + s.r() * 0.85, -90 + e.between(-40, 40), s.r() * 1.7, e.pick(e.inks()));
        }
    }

    /** A stem with pairs of leaves and a bud at its end. */
    static void sprig(Easel e, double x, double y, double degrees, double length, int ink) {
        double a = Math.toRadians(degrees);
        e.batch(ink)
                .move(x, y)
                .line(x + Math.cos(a) * length, y + Math.sin(a) * length)
                .stroke(Math.max(0.7, length * 0.022));
        Batch leaves = e.batch(ink);
        int pairs = 4;
        for (int i = 1; i <= pairs; i++) {
            double t = i / (pairs + 0.6);
            double px = x + Math.cos(a) * length * t;
            double py = y + Math.sin(a) * length * t;
            double own = length * (0.4 - 0.2 * t);
            leaves.leaf(px, py, degrees - 48, own, 0.24).leaf(px, py, degrees + 48, own, 0.24);
        }
        leaves.leaf(x + Math.cos(a) * length * 0.86, y + Math.sin(a) * length * 0.86, degrees, length * 0.24, 0.3);
        leaves.fill();
    }

    private static void blossoms(Easel e) {
        double u = e.unit();
        for (Spot s : spots(e, u * 0.22, u * 0.62)) {
            if (s.r() < u * 0.34) {
                e.batch(e.inks() - 1).disc(s.x(), s.y(), s.r() * 0.4).fill();
            } else {
                blossom(e, s.x(), s.y(), s.r() * 0.92, e.pick(Math.max(1, e.inks() - 1)));
            }
        }
    }

    /** Five or six round petals about an eye. */
    static void blossom(Easel e, double x, double y, double r, int ink) {
        int petals = 5 + e.pick(2);
        double turned = e.between(0, 360);
        Batch b = e.batch(ink);
        for (int i = 0; i < petals; i++) {
            double a = Math.toRadians(turned + 360.0 * i / petals);
            b.disc(x + Math.cos(a) * r * 0.58, y + Math.sin(a) * r * 0.58, r * 0.4);
        }
        b.fill();
        e.batch(e.inks() - 1).disc(x, y, r * 0.3).fill();
    }

    private static void stars(Easel e) {
        double u = e.unit();
        Batch small = e.batch(1);
        for (Spot s : spots(e, u * 0.8, u * 1.6)) {
            if (s.r() > u * 1.1) {
                star(e.batch(0), s.x(), s.y(), s.r() * e.between(0.3, 0.5), 4 + 2 * e.pick(2));
            } else {
                small.disc(s.x(), s.y(), s.r() * 0.14);
            }
        }
        small.fill();
    }

    private static void star(Batch b, double x, double y, double r, int points) {
        double[] xy = new double[points * 4];
        for (int i = 0; i < points * 2; i++) {
            double a = Math.PI * i / points - Math.PI / 2;
            double at = i % 2 == 0 ? r : r * 0.34;
            xy[2 * i] = x + at * Math.cos(a);
            xy[2 * i + 1] = y + at * Math.sin(a);
        }
        b.polygon(xy).fill();
    }

    private static void crosses(Easel e) {
        Box a = e.area();
        double s = e.unit();
        Batch[] by = new Batch[e.inks()];
        for (int i = 0; i < by.length; i++) {
            by[i] = e.batch(i);
        }
        int row = 0;
        for (double y = a.y(); y < a.bottom() + s; y += s, row++) {
            for (double x = a.x() + (row % 2) * s / 2; x < a.right() + s; x += s) {
                Batch b = by[e.pick(6) == 0 ? e.pick(by.length) : 0];
                double arm = s * 0.22;
                double half = s * 0.055;
                b.box(x - arm, y - half, 2 * arm, 2 * half);
                b.box(x - half, y - arm, 2 * half, 2 * arm);
            }
        }
        for (Batch each : by) {
            each.fill();
        }
    }

    private static void confetti(Easel e) {
        double u = e.unit();
        for (Spot s : spots(e, u * 0.62, u * 0.7)) {
            Batch b = e.batch(e.pick(e.inks()));
            double r = s.r() * 0.62;
            switch (e.pick(4)) {
                case 0 -> b.disc(s.x(), s.y(), r * 0.7);
                case 1 -> b.regular(s.x(), s.y(), r * 0.9, 3, e.between(0, 120));
                case 2 -> b.ring(s.x(), s.y(), r, r * 0.6, e.between(0, 360), e.between(360, 540));
                default -> b.regular(s.x(), s.y(), r * 0.85, 4, e.between(0, 90));
            }
            b.fill();
        }
    }

    private static void pebbles(Easel e) {
        double u = e.unit();
        for (Spot s : spots(e, u * 0.3, u)) {
            e.batch(e.pick(e.inks())).blob(s.x(), s.y(), s.r() * 0.88, 0.14).fill();
        }
    }

    /** Short strokes as of a dry brush, all one way. */
    private static void brush(Easel e) {
        Box a = e.area();
        double s = e.unit();
        int row = 0;
        for (double y = a.y(); y < a.bottom() + s; y += s * 0.55, row++) {
            for (double x = a.x() - s + (row % 2) * s * 0.6; x < a.right() + s; x += s * 1.25) {
                double w = s * e.between(0.5, 1);
                double h = s * e.between(0.1, 0.2);
                double px = x + s * e.between(-0.12, 0.12);
                double py = y + s * e.between(-0.1, 0.1);
                e.batch(e.pick(4) == 0 ? e.pick(e.inks()) : row)
                        .leaf(px, py, e.between(-14, -4), w, h / w)
                        .fill();
            }
        }
    }
}
