package jorn.style;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Palette.Role;
import jorn.art.Path;

/**
 * What a motif draws with. The motif knows a box that is one high and as wide as its proportion, y down; what it draws lands in
 * the box of the page, in the book's colours.
 */
final class Sketch {
    private static final double ROUND = 0.5523;

    private final Box to;
    private final Palette palette;
    private final double scale;
    private final double pen;
    private final Random chance;
    private final List<Mark> out = new ArrayList<>();

    Sketch(Box to, Palette palette, double pen, long seed) {
        this.to = to;
        this.palette = palette;
        this.scale = to.height();
        this.pen = pen;
        this.chance = new Random(seed);
    }

    List<Mark> marks() {
        return out;
    }

    /** From 0 to 1, always the same for the same seed. */
    double chance() {
        return chance.nextDouble();
    }

    private double x(double x) {
        return to.x() + x * scale;
    }

    private double y(double y) {
        return to.y() + y * scale;
    }

    /** A path in the motif's own measures. */
    final class Line {
        private final Path.Builder path = Path.builder();

        Line move(double x, double y) {
            path.move(x(x), y(y));
            return this;
        }

        Line line(double x, double y) {
            path.line(x(x), y(y));
            return this;
        }

        Line curve(double ax, double ay, double bx, double by, double x, double y) {
            path.curve(x(ax), y(ay), x(bx), y(by), x(x), y(y));
            return this;
        }

        /** A curve whose two handles lie at one point. */
        Line bow(double hx, double hy, double x, double y) {
            return curve(hx, hy, hx, hy, x, y);
        }

        Line close() {
            path.close();
            return this;
        }

        void fill(Role role) {
            out.add(new Mark.Fill(path.build(), palette.ink(role)));
        }

        void stroke(Role role) {
            stroke(role, 1);
        }

        /** @param times the pen's thickness */
        void stroke(Role role, double times) {
            double weight = Math.max(Rule.THINNEST, pen * times);
            out.add(new Mark.Stroke(path.build(), weight, palette.lineInk(role, weight)));
        }
    }

    Line from(double x, double y) {
        return new Line().move(x, y);
    }

    /** A closed path through points. */
    Line shape(double... xy) {
        Line line = from(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            line.line(xy[i], xy[i + 1]);
        }
        return line.close();
    }

    Line circle(double cx, double cy, double r) {
        return oval(cx, cy, r, r);
    }

    Line oval(double cx, double cy, double rx, double ry) {
        double kx = rx * ROUND;
        double ky = ry * ROUND;
        return from(cx + rx, cy)
                .curve(cx + rx, cy + ky, cx + kx, cy + ry, cx, cy + ry)
                .curve(cx - kx, cy + ry, cx - rx, cy + ky, cx - rx, cy)
                .curve(cx - rx, cy - ky, cx - kx, cy - ry, cx, cy - ry)
                .curve(cx + kx, cy - ry, cx + rx, cy - ky, cx + rx, cy)
                .close();
    }

    Line box(double x, double y, double w, double h) {
        return shape(x, y, x + w, y, x + w, y + h, x, y + h);
    }

    /** Part of a circle, in degrees clockwise from the right. */
    Line arc(double cx, double cy, double r, double from, double to) {
        Line line = new Line();
        line.path.arc(x(cx), y(cy), r * scale, from, to, true);
        return line;
    }

    /** A star, or with a large inner radius a rosette, with its first point up. */
    Line star(double cx, double cy, double r, double inner, int points) {
        double[] xy = new double[points * 4];
        for (int i = 0; i < points * 2; i++) {
            double a = Math.PI * i / points - Math.PI / 2;
            double at = i % 2 == 0 ? r : inner;
            xy[2 * i] = cx + at * Math.cos(a);
            xy[2 * i + 1] = cy + at * Math.sin(a);
        }
        return shape(xy);
    }

    /** A regular polygon with its first corner up. */
    Line polygon(double cx, double cy, double r, int corners) {
        double[] xy = new double[corners * 2];
        for (int i = 0; i < corners; i++) {
            double a = 2 * Math.PI * i / corners - Math.PI / 2;
            xy[2 * i] = cx + r * Math.cos(a);
            xy[2 * i + 1] = cy + r * Math.sin(a);
        }
        return shape(xy);
    }

    /**
     * A leaf or a petal: two bows that meet in a point.
     *
     * @param angle where its tip points, in degrees clockwise from the right
     * @param wide share of its length
     */
    Line leaf(double x, double y, double angle, double length, double wide) {
        double a = Math.toRadians(angle);
        double dx = Math.cos(a) * length;
        double dy = Math.sin(a) * length;
        double nx = -Math.sin(a) * length * wide;
        double ny = Math.cos(a) * length * wide;
        return from(x, y)
                .curve(
                        x + dx * 0.25 + nx,
                        y + dy * 0.25 + ny,
                        x + dx * 0.75 + nx * 0.8,
                        y + dy * 0.75 + ny * 0.8,
                        x + dx,
                        y + dy)
                .curve(x + dx * 0.75 - nx * 0.8, y + dy * 0.75 - ny * 0.8, x + dx * 0.25 - nx, y + dy * 0.25 - ny, x, y)
                .close();
    }

    /** Petals round a point. */
    void petals(double cx, double cy, int count, double from, double length, double wide, Role role) {
        for (int i = 0; i < count; i++) {
            leaf(cx, cy, from + 360.0 * i / count, length, wide).fill(role);
        }
    }
}
