package jorn.pattern.plane;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Cuts straight pieces where they meet, so that they touch at their ends only. Pieces are laid into a grid of squares, and each is held
 * against those that share one with it.
 */
final class Noder {
    private static final double LONGEST = 24;

    private final Nodes nodes = new Nodes();
    private int[] from = new int[1024];
    private int[] to = new int[1024];
    private int count;
    private int touches;
    /** What lies on each piece: where along it, and which node. */
    private final Map<Integer, List<Cut>> cuts = new HashMap<>();

    private final int mostCrossings;
    private int crossings;

    private record Cut(double along, int node) {}

    Noder() {
        this(Integer.MAX_VALUE);
    }

    /** @param mostCrossings after which no more are looked for */
    Noder(int mostCrossings) {
        this.mostCrossings = mostCrossings;
    }

    /** Whether there are more crossings than were to be looked for. */
    boolean isFull() {
        return crossings > mostCrossings;
    }

    Nodes nodes() {
        return nodes;
    }

    /** Adds a line of straight pieces, x and y in turn. */
    void add(double[] line) {
        int before = nodes.at(line[0], line[1]);
        for (int i = 2; i + 1 < line.length; i += 2) {
            double x0 = line[i - 2];
            double y0 = line[i - 1];
            double length = Math.hypot(line[i] - x0, line[i + 1] - y0);
            int parts = Math.max(1, (int) Math.ceil(length / LONGEST));
            for (int p = 1; p <= parts; p++) {
                double s = (double) p / parts;
                int now = nodes.at(x0 + (line[i] - x0) * s, y0 + (line[i + 1] - y0) * s);
                piece(before, now);
                before = now;
            }
        }
    }

    private void piece(int a, int b) {
        if (a == b) {
            return;
        }
        if (count == from.length) {
            from = Arrays.copyOf(from, 2 * count);
            to = Arrays.copyOf(to, 2 * count);
        }
        from[count] = a;
        to[count++] = b;
    }

    /** Cuts all pieces; afterwards each pair of nodes is joined once at most. Gives pairs of nodes. */
    int[] edges() {
        if (count == 0) {
            return new int[0];
        }
        meet();
        int[] all = new int[Math.max(16, 4 * count)];
        int n = 0;
        PairSet pairs = new PairSet(2 * count);
        for (int s = 0; s < count; s++) {
            int at = from[s];
            for (Cut cut : sorted(s)) {
                if (pairs.add(at, cut.node())) {
                    all = room(all, n);
                    all[n++] = at;
                    all[n++] = cut.node();
                }
                at = cut.node();
            }
            if (pairs.add(at, to[s])) {
                all = room(all, n);
                all[n++] = at;
                all[n++] = to[s];
            }
        }
        return Arrays.copyOf(all, n);
    }

    private static int[] room(int[] all, int n) {
        return n + 2 > all.length ? Arrays.copyOf(all, 2 * all.length) : all;
    }

    private List<Cut> sorted(int piece) {
        List<Cut> own = cuts.get(piece);
        if (own == null) {
            return List.of();
        }
        own.sort(java.util.Comparator.comparingDouble(Cut::along));
        return own;
    }

    private void meet() {
        Squares grid = new Squares(nodes, from, to, count);
        grid.eachPair(this::pair);
    }

    /** @return whether more are to be looked for */
    private boolean pair(int p, int q) {
        double px = nodes.x(from[p]);
        double py = nodes.y(from[p]);
        double pdx = nodes.x(to[p]) - px;
        double pdy = nodes.y(to[p]) - py;
        double qx = nodes.x(from[q]);
        double qy = nodes.y(from[q]);
        double qdx = nodes.x(to[q]) - qx;
        double qdy = nodes.y(to[q]) - qy;
        int before = touches;
        touch(p, from[q]);
        touch(p, to[q]);
        touch(q, from[p]);
        touch(q, to[p]);
        boolean joined = from[p] == from[q] || from[p] == to[q] || to[p] == from[q] || to[p] == to[q];
        double cross = pdx * qdy - pdy * qdx;
        if (touches > before || joined || cross == 0) {
            return true;
        }
        double t = ((qx - px) * qdy - (qy - py) * qdx) / cross;
        double u = ((qx - px) * pdy - (qy - py) * pdx) / cross;
        if (t > 0 && t < 1 && u > 0 && u < 1) {
            crossings++;
            int node = nodes.at(px + t * pdx, py + t * pdy);
            cut(p, t, node);
            cut(q, u, node);
        }
        return !isFull();
    }

    /** Cuts a piece at a node that lies on it. */
    private void touch(int piece, int node) {
        if (node == from[piece] || node == to[piece]) {
            return;
        }
        double x = nodes.x(from[piece]);
        double y = nodes.y(from[piece]);
        double dx = nodes.x(to[piece]) - x;
        double dy = nodes.y(to[piece]) - y;
        double vx = nodes.x(node) - x;
        double vy = nodes.y(node) - y;
        double square = dx * dx + dy * dy;
        double t = (vx * dx + vy * dy) / square;
        double off = Math.abs(vx * dy - vy * dx) / Math.sqrt(square);
        if (t <= 0 || t >= 1 || off > Nodes.NEAR) {
            return;
        }
        touches++;
        cut(piece, t, node);
    }

    private void cut(int piece, double along, int node) {
        if (node != from[piece] && node != to[piece]) {
            cuts.computeIfAbsent(piece, p -> new ArrayList<>(2)).add(new Cut(along, node));
        }
    }
}
