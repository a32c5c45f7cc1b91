package jorn.puzzle.dots;

import java.awt.Shape;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import jorn.puzzle.dots.DotPicture.Dot;

/** Puts dots on the longest closed line of a shape: one at each of its corners, the others between them, evenly. */
final class DotMaker {
    private static final double FLAT = 0.0005;

    /** A turn of more than this within a little way is a corner, in radians. */
    private static final double SHARP = Math.toRadians(38);

    private static final double LITTLE = 0.012;

    private DotMaker() {}

    /** @param count so many, or a few more where there are more corners */
    static List<Dot> on(Shape shape, int count) {
        List<Dot> line = longest(shape);
        List<Dot> fine = evenly(line, LITTLE / 2);
        List<Integer> corners = corners(fine);
        if (corners.isEmpty()) {
            corners.add(0);
        }
        double whole = fine.size();
        List<Dot> dots = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int from = corners.get(i);
            int to = i + 1 < corners.size() ? corners.get(i + 1) : corners.get(0) + fine.size();
            int parts = Math.max(1, (int) Math.round(count * (to - from) / whole));
            for (int k = 0; k < parts; k++) {
                dots.add(fine.get((from + (int) Math.round((to - from) * (double) k / parts)) % fine.size()));
            }
        }
        return dots;
    }

    private static List<Dot> longest(Shape shape) {
        List<List<Dot>> lines = new ArrayList<>();
        double[] at = new double[6];
        PathIterator path = new FlatteningPathIterator(shape.getPathIterator(null), FLAT, 12);
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                lines.add(new ArrayList<>());
            }
            if (kind != PathIterator.SEG_CLOSE) {
                lines.get(lines.size() - 1).add(new Dot(at[0], at[1]));
            }
        }
        return lines.stream()
                .max(java.util.Comparator.comparingDouble(DotMaker::length))
                .orElseThrow();
    }

    private static double distance(Dot a, Dot b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static double length(List<Dot> line) {
        double sum = 0;
        for (int i = 0; i < line.size(); i++) {
            sum += distance(line.get(i), line.get((i + 1) % line.size()));
        }
        return sum;
    }

    /** The same line as points of about the same distance. */
    private static List<Dot> evenly(List<Dot> line, double step) {
        double whole = length(line);
        int count = Math.max(8, (int) Math.round(whole / step));
        List<Dot> all = new ArrayList<>();
        double gone = 0;
        int next = 0;
        for (int i = 0; i < line.size(); i++) {
            Dot a = line.get(i);
            Dot b = line.get((i + 1) % line.size());
            double piece = distance(a, b);
            while (next < count && next * whole / count <= gone + piece) {
                double t = piece == 0 ? 0 : (next * whole / count - gone) / piece;
                all.add(new Dot(a.x() + (b.x() - a.x()) * t, a.y() + (b.y() - a.y()) * t));
                next++;
            }
            gone += piece;
        }
        return all;
    }

    private static List<Integer> corners(List<Dot> fine) {
        int n = fine.size();
        double[] turns = new double[n];
        for (int i = 0; i < n; i++) {
            Dot a = fine.get((i + n - 2) % n);
            Dot b = fine.get(i);
            Dot c = fine.get((i + 2) % n);
            double in = Math.atan2(b.y() - a.y(), b.x() - a.x());
            double out = Math.atan2(c.y() - b.y(), c.x() - b.x());
            turns[i] = Math.abs(Math.IEEEremainder(out - in, 2 * Math.PI));
        }
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            boolean sharpest = true;
            for (int k = 1; k <= 3; k++) {
                sharpest &= turns[i] >= turns[(i + k) % n] && turns[i] > turns[(i + n - k) % n];
            }
            if (turns[i] > SHARP && sharpest) {
                corners.add(i);
            }
        }
        return corners;
    }
}
