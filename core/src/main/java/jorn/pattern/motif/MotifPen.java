package jorn.pattern.motif;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import jorn.art.Path;
import jorn.art.Turn;

/** Draws motifs: outlines that are closed, and inner lines that begin on them. Angles are in degrees clockwise, 0 is upward. */
final class MotifPen {
    /** Of outlines. */
    static final double BOLD = 1.25;

    static final double PLAIN = 1;

    /** Of veins and ribs. */
    static final double FINE = 0.6;

    private final List<MotifLine> lines = new ArrayList<>();
    private Turn at = Turn.NONE;
    private double weight = PLAIN;

    List<MotifLine> lines() {
        return List.copyOf(lines);
    }

    MotifPen bold() {
        weight = BOLD;
        return this;
    }

    MotifPen plain() {
        weight = PLAIN;
        return this;
    }

    MotifPen fine() {
        weight = FINE;
        return this;
    }

    private MotifPen add(Path path) {
        lines.add(new MotifLine(at.equals(Turn.NONE) ? path : path.turned(at), weight));
        return this;
    }

    /** Draws moved, turned and sized; afterwards as before. */
    MotifPen placed(double x, double y, double degrees, double size, Consumer<MotifPen> what) {
        Turn before = at;
        at = before.after(Turn.move(x, y)).after(Turn.about(0, 0, degrees)).after(Turn.scale(size, 0, 0));
        what.accept(this);
        at = before;
        return this;
    }

    /** Draws so many times round the origin. */
    MotifPen round(int times, double first, Consumer<MotifPen> what) {
        for (int i = 0; i < times; i++) {
            placed(0, 0, first + 360.0 * i / times, 1, what);
        }
        return this;
    }

    /** Draws as it is, and mirrored from left to right. */
    MotifPen both(Consumer<MotifPen> what) {
        what.accept(this);
        Turn before = at;
        at = before.after(new Turn(-1, 0, 0, 1, 0, 0));
        what.accept(this);
        at = before;
        return this;
    }

    MotifPen circle(double x, double y, double r) {
        return add(Path.builder().arc(x, y, r, -90, 270, true).close().build());
    }

    /** Part of a circle, from one angle to another. */
    MotifPen arc(double x, double y, double r, double from, double to) {
        return add(Path.builder().arc(x, y, r, from - 90, to - 90, true).build());
    }

    MotifPen line(double x1, double y1, double x2, double y2) {
        return add(Path.line(x1, y1, x2, y2));
    }

    /** A bent line. */
    MotifPen bend(double x1, double y1, double hx, double hy, double x2, double y2) {
        return add(Path.builder()
                .move(x1, y1)
                .curve(
                        x1 + (hx - x1) * 2 / 3,
                        y1 + (hy - y1) * 2 / 3,
                        x2 + (hx - x2) * 2 / 3,
                        y2 + (hy - y2) * 2 / 3,
                        x2,
                        y2)
                .build());
    }

    MotifPen polygon(int corners, double r, double first) {
        return star(corners, r, r, first);
    }

    /** A star, or a polygon with its middles drawn in or out. */
    MotifPen star(int points, double outer, double inner, double first) {
        Path.Builder path = Path.builder();
        int all = points * 2;
        for (int i = 0; i < all; i++) {
            double r = i % 2 == 0 ? outer : inner;
            if (outer == inner && i % 2 == 1) {
                continue;
            }
            double t = Math.toRadians(first - 90 + 360.0 * i / all);
            if (i == 0) {
                path.move(r * Math.cos(t), r * Math.sin(t));
            } else {
                path.line(r * Math.cos(t), r * Math.sin(t));
            }
        }
        return add(path.close().build());
    }

    /** A petal from a foot to a tip, pointed at both ends, widest where {@code belly} says as a share of its length. */
    MotifPen petal(double x, double y, double degrees, double length, double width, double belly) {
        return placed(
                x,
                y,
                degrees,
                1,
                p -> p.add(Path.builder()
                        .move(0, 0)
                        .curve(
                                -width * 0.66,
                                -length * belly * 0.55,
                                -width * 0.66,
                                -length * (belly + 0.25),
                                0,
                                -length)
                        .curve(width * 0.66, -length * (belly + 0.25), width * 0.66, -length * belly * 0.55, 0, 0)
                        .close()
                        .build()));
    }

    /** A petal with a round head. */
    MotifPen drop(double x, double y, double degrees, double length, double width) {
        return placed(
                x,
                y,
                degrees,
                1,
                p -> p.add(Path.builder()
                        .move(0, 0)
                        .curve(-width * 0.1, -length * 0.35, -width * 0.5, -length * 0.45, -width * 0.5, -length * 0.72)
                        .curve(-width * 0.5, -length * 0.9, -width * 0.25, -length, 0, -length)
                        .curve(width * 0.25, -length, width * 0.5, -length * 0.9, width * 0.5, -length * 0.72)
                        .curve(width * 0.5, -length * 0.45, width * 0.1, -length * 0.35, 0, 0)
                        .close()
                        .build()));
    }

    /** A closed curve through points, x and y in turn. */
    MotifPen closed(double... xy) {
        return add(Curves.through(xy, true));
    }

    /** An open curve through points. */
    MotifPen open(double... xy) {
        return add(Curves.through(xy, false));
    }

    /** A closed line of straight pieces. */
    MotifPen straight(double... xy) {
        Path.Builder path = Path.builder().move(xy[0], xy[1]);
        for (int i = 2; i + 1 < xy.length; i += 2) {
            path.line(xy[i], xy[i + 1]);
        }
        return add(path.close().build());
    }

    /** A half circle that stands on its diameter, about the origin. */
    MotifPen arch(double r) {
        return add(Path.builder().arc(0, 0, r, 180, 360, true).close().build());
    }

    /** The same points and their mirror images, as one closed curve from head to foot and back. */
    MotifPen mirrored(double... right) {
        int n = right.length / 2;
        List<Double> all = new ArrayList<>();
        for (double v : right) {
            all.add(v);
        }
        for (int i = n - 1; i >= 0; i--) {
            if (right[2 * i] != 0) {
                all.add(-right[2 * i]);
                all.add(right[2 * i + 1]);
            }
        }
        return closed(all.stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** A spiral from the outside in. */
    MotifPen spiral(double x, double y, double from, double to, double turns, double first) {
        int steps = (int) Math.ceil(turns * 16);
        double[] xy = new double[2 * steps + 2];
        for (int i = 0; i <= steps; i++) {
            double s = (double) i / steps;
            double r = from + (to - from) * s;
            double t = Math.toRadians(first - 90 + 360 * turns * s);
            xy[2 * i] = x + r * Math.cos(t);
            xy[2 * i + 1] = y + r * Math.sin(t);
        }
        return open(xy);
    }
}
