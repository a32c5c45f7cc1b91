package jorn.pattern.motif;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Path;
import jorn.art.Turn;

/** From one motif into another: closed line by closed line, point by point; one that has no partner
 * grows from a point, and ribs and veins show near either end only. Where a motif is drawn in strokes alone, strokes are what changes. */
public final class Morph {
    private static final int POINTS = 49;
    private static final double FLAT = 0.004;
    /** What shrinks is gone before it is too small to colour. */
    private static final double LEAST = 0.22;

    private static final double NEAR_AN_END = 0.1;
    /** Of the size between those of both ends. */
    private static final double FULL = 0.8;

    private static final Box NOTHING = new Box(0, 0, 0, 0);

    /** A line and the line that it becomes, point by point. */
    private static final class Pair {
        private final double[] from;
        private final double[] to;
        private final double weight;
        private final double lastWeight;
        private final boolean closed;

        Pair(double[] from, double[] to, double weight, double lastWeight, boolean closed) {
            this.from = from;
            this.to = to;
            this.weight = weight;
            this.lastWeight = lastWeight;
            this.closed = closed;
        }

        /** The line on the way; nothing where it would be too small to colour. */
        Optional<MotifLine> at(double t) {
            double[] xy = new double[from.length];
            double most = 0;
            for (int k = 0; k < xy.length; k++) {
                xy[k] = from[k] + (to[k] - from[k]) * t;
                most = Math.max(most, Math.abs(xy[k] - xy[k % 2]));
            }
            if (most <= LEAST) {
                return Optional.empty();
            }
            Path path = closed ? Curves.through(Arrays.copyOf(xy, xy.length - 2), true) : Curves.through(xy, false);
            return Optional.of(new MotifLine(path, weight + (lastWeight - weight) * t));
        }
    }

    private final List<Pair> pairs = new ArrayList<>();
    private final double firstSize;
    private final double lastSize;
    private final List<MotifLine> openOfFirst;
    private final List<MotifLine> openOfLast;

    public Morph(List<MotifLine> first, List<MotifLine> last) {
        boolean strokes =
                first.stream().noneMatch(Morph::isClosed) || last.stream().noneMatch(Morph::isClosed);
        List<MotifLine> bodies = bodies(first, strokes);
        List<MotifLine> others = bodies(last, strokes);
        int both = Math.min(bodies.size(), others.size());
        for (int i = 0; i < both; i++) {
            MotifLine a = bodies.get(i);
            MotifLine b = others.get(i);
            pairs.add(new Pair(spaced(a), spaced(b), a.weight(), b.weight(), isClosed(a) && isClosed(b)));
        }
        for (MotifLine a : bodies.subList(both, bodies.size())) {
            pairs.add(new Pair(spaced(a), point(a), a.weight(), a.weight(), isClosed(a)));
        }
        for (MotifLine b : others.subList(both, others.size())) {
            pairs.add(new Pair(point(b), spaced(b), b.weight(), b.weight(), isClosed(b)));
        }
        firstSize = size(bodies);
        lastSize = size(others);
        openOfFirst = first.stream().filter(l -> !bodies.contains(l)).toList();
        openOfLast = last.stream().filter(l -> !others.contains(l)).toList();
    }

    /** The lines that change, the largest first: those that are closed; all where one of the motifs is drawn in strokes alone. */
    private static List<MotifLine> bodies(List<MotifLine> motif, boolean strokes) {
        return motif.stream()
                .filter(l -> strokes || isClosed(l))
                .sorted(Comparator.comparingDouble((MotifLine l) -> -size(l)))
                .toList();
    }

    private static double size(MotifLine line) {
        return size(List.of(line));
    }

    private static double size(List<MotifLine> lines) {
        Box all = lines.stream().map(l -> l.path().bounds()).reduce(Box::with).orElse(NOTHING);
        return Math.hypot(all.width(), all.height());
    }

    private static double[] flat(MotifLine line) {
        List<double[]> all = Curves.flat(line.path(), FLAT);
        double[] longest = all.get(0);
        for (double[] each : all) {
            longest = each.length > longest.length ? each : longest;
        }
        return longest;
    }

    private static boolean isClosed(MotifLine line) {
        return line.path().isClosed();
    }

    /** All begin at their topmost point and go clockwise, so that points lie near their partners. */
    private static double[] spaced(MotifLine line) {
        return Curves.spaced(isClosed(line) ? turned(flat(line)) : downward(flat(line)), POINTS);
    }

    /** A stroke from its upper end, or where both are as high from its left one. */
    private static double[] downward(double[] line) {
        int n = line.length;
        double dy = line[n - 1] - line[1];
        boolean isSo = Math.abs(dy) < 1e-9 ? line[n - 2] >= line[0] : dy > 0;
        if (isSo) {
            return line;
        }
        double[] back = new double[n];
        for (int i = 0; i < n; i += 2) {
            back[i] = line[n - 2 - i];
            back[i + 1] = line[n - 1 - i];
        }
        return back;
    }

    private static double[] turned(double[] ring) {
        int n = ring.length / 2 - 1;
        int top = 0;
        double area = 0;
        for (int i = 0; i < n; i++) {
            top = ring[2 * i + 1] < ring[2 * top + 1] - 1e-9 ? i : top;
            area += ring[2 * i] * ring[2 * i + 3] - ring[2 * i + 2] * ring[2 * i + 1];
        }
        double[] out = new double[ring.length];
        for (int i = 0; i <= n; i++) {
            int k = area > 0 ? (top + i) % n : (top - i % n + n) % n;
            out[2 * i] = ring[2 * k];
            out[2 * i + 1] = ring[2 * k + 1];
        }
        return out;
    }

    private static double[] point(MotifLine other) {
        Box b = other.path().bounds();
        double[] all = new double[2 * POINTS];
        for (int i = 0; i < POINTS; i++) {
            all[2 * i] = b.centreX();
            all[2 * i + 1] = b.centreY();
        }
        return all;
    }

    /**
     * The motif on the way.
     *
     * @param t 0 the first, 1 the last
     */
    public List<MotifLine> at(double t) {
        List<MotifLine> lines = new ArrayList<>();
        pairs.forEach(pair -> pair.at(t).ifPresent(lines::add));
        double wanted = FULL * (firstSize + (lastSize - firstSize) * t);
        double size = size(lines);
        if (size > 0 && size < wanted) {
            // Points that pass each other on their way draw the motif together.
            Turn larger = Turn.scale(wanted / size, 0, 0);
            lines.replaceAll(l -> new MotifLine(l.path().turned(larger), l.weight()));
        }
        if (t < NEAR_AN_END) {
            lines.addAll(openOfFirst);
        } else if (t > 1 - NEAR_AN_END) {
            lines.addAll(openOfLast);
        }
        return lines;
    }
}
