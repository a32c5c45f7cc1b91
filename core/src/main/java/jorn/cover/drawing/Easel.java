package jorn.cover.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.layout.Pen;

/** What a drawing is made with: its box, its inks, its chance. Shapes of one ink are gathered into one path. */
public final class Easel {
    private final Box area;
    private final List<Ink> inks;
    private final Random chance;
    private final double unit;
    private final List<Mark> out = new ArrayList<>();

    /**
     * @param area where is drawn, in points
     * @param inks those it may take; the first is what stands out most
     * @param unit the size of its smallest thing, in points
     * @param seed of what is drawn by chance
     */
    public Easel(Box area, List<Ink> inks, double unit, long seed) {
        this.area = area;
        this.inks = List.copyOf(inks);
        this.unit = unit;
        this.chance = new Random(seed * 0x9E3779B97F4A7C15L + 17);
        // The first numbers of neighbouring seeds are alike.
        this.chance.nextLong();
    }

    /** What was drawn, cut at the box. */
    public List<Mark> marks() {
        return List.of(new Mark.Clip(Path.box(area), out));
    }

    /** What was drawn, whole. */
    public List<Mark> uncut() {
        return List.copyOf(out);
    }

    Box area() {
        return area;
    }

    double unit() {
        return unit;
    }

    /** An ink by number; those beyond the last begin again. */
    Ink ink(int i) {
        return inks.get(Math.floorMod(i, inks.size()));
    }

    int inks() {
        return inks.size();
    }

    /** From 0 to 1. */
    double chance() {
        return chance.nextDouble();
    }

    double between(double low, double high) {
        return low + (high - low) * chance.nextDouble();
    }

    /** A whole number from 0, below a limit. */
    int pick(int below) {
        return chance.nextInt(below);
    }

    /** Adds marks that were made elsewhere. */
    void add(List<Mark> marks) {
        out.addAll(marks);
    }

    /** Shapes of one ink that are filled together. */
    Batch batch(Ink ink) {
        return new Batch(ink);
    }

    Batch batch(int ink) {
        return new Batch(ink(ink));
    }

    /** A path that grows, and is then filled or stroked. */
    final class Batch {
        private final Ink ink;
        private final Path.Builder path = Path.builder();
        private boolean empty = true;

        private Batch(Ink ink) {
            this.ink = ink;
        }

        Batch move(double x, double y) {
            path.move(x, y);
            empty = false;
            return this;
        }

        Batch line(double x, double y) {
            path.line(x, y);
            return this;
        }

        Batch curve(double ax, double ay, double bx, double by, double x, double y) {
            path.curve(ax, ay, bx, by, x, y);
            return this;
        }

        Batch close() {
            path.close();
            return this;
        }

        Batch polygon(double... xy) {
            move(xy[0], xy[1]);
            for (int i = 2; i < xy.length; i += 2) {
                line(xy[i], xy[i + 1]);
            }
            return close();
        }

        Batch box(double x, double y, double w, double h) {
            return polygon(x, y, x + w, y, x + w, y + h, x, y + h);
        }

        Batch disc(double cx, double cy, double r) {
            empty = false;
            path.path(Pen.circle(cx, cy, r));
            return this;
        }

        /** A regular polygon; at 0 degrees its first corner is at the right. */
        Batch regular(double cx, double cy, double r, int corners, double degrees) {
            for (int i = 0; i < corners; i++) {
                double a = Math.toRadians(degrees + 360.0 * i / corners);
                double x = cx + r * Math.cos(a);
                double y = cy + r * Math.sin(a);
                if (i == 0) {
                    move(x, y);
                } else {
                    line(x, y);
                }
            }
            return close();
        }

        /** A leaf or petal from its foot to its tip. */
        Batch leaf(double x, double y, double degrees, double length, double wide) {
            double a = Math.toRadians(degrees);
            double dx = Math.cos(a) * length;
            double dy = Math.sin(a) * length;
            double nx = -Math.sin(a) * length * wide;
            double ny = Math.cos(a) * length * wide;
            return move(x, y)
                    .curve(
                            x + dx * 0.2 + nx,
                            y + dy * 0.2 + ny,
                            x + dx * 0.7 + nx * 0.9,
                            y + dy * 0.7 + ny * 0.9,
                            x + dx,
                            y + dy)
                    .curve(x + dx * 0.7 - nx * 0.9, y + dy * 0.7 - ny * 0.9, x + dx * 0.2 - nx, y + dy * 0.2 - ny, x, y)
                    .close();
        }

        /** Part of a ring, in degrees clockwise from the right. */
        Batch ring(double cx, double cy, double outer, double inner, double from, double to) {
            arc(cx, cy, outer, from, to, true);
            arc(cx, cy, inner, to, from, false);
            return close();
        }

        /** Part of a circle as a line. */
        Batch arc(double cx, double cy, double r, double from, double to, boolean begin) {
            empty = false;
            path.arc(cx, cy, r, from, to, begin);
            return this;
        }

        /** A closed shape without corners through points round a middle. */
        Batch blob(double cx, double cy, double r, double uneven) {
            int n = 7;
            double[] x = new double[n];
            double[] y = new double[n];
            double turned = between(0, 6.28);
            for (int i = 0; i < n; i++) {
                double a = turned + 2 * Math.PI * i / n;
                double own = r * (1 + uneven * (chance() - 0.5) * 2);
                x[i] = cx + own * Math.cos(a);
                y[i] = cy + own * Math.sin(a);
            }
            return smooth(x, y);
        }

        /** A closed curve through points (Catmull and Rom's spline as Bézier curves). */
        Batch smooth(double[] x, double[] y) {
            int n = x.length;
            move(x[0], y[0]);
            for (int i = 0; i < n; i++) {
                int before = Math.floorMod(i - 1, n);
                int next = (i + 1) % n;
                int after = (i + 2) % n;
                curve(
                        x[i] + (x[next] - x[before]) / 6,
                        y[i] + (y[next] - y[before]) / 6,
                        x[next] - (x[after] - x[i]) / 6,
                        y[next] - (y[after] - y[i]) / 6,
                        x[next],
                        y[next]);
            }
            return close();
        }

        /** An open curve through points. */
        Batch through(double[] x, double[] y, boolean begin) {
            if (begin) {
                move(x[0], y[0]);
            } else {
                line(x[0], y[0]);
            }
            int n = x.length;
            for (int i = 0; i < n - 1; i++) {
                int before = Math.max(0, i - 1);
                int after = Math.min(n - 1, i + 2);
                curve(
                        x[i] + (x[i + 1] - x[before]) / 6,
                        y[i] + (y[i + 1] - y[before]) / 6,
                        x[i + 1] - (x[after] - x[i]) / 6,
                        y[i + 1] - (y[after] - y[i]) / 6,
                        x[i + 1],
                        y[i + 1]);
            }
            return this;
        }

        void fill() {
            if (!empty) {
                out.add(new Mark.Fill(path.build(), ink));
            }
        }

        void stroke(double weight) {
            if (!empty) {
                out.add(new Mark.Stroke(path.build(), weight, ink));
            }
        }
    }
}
