package jorn.pattern.plane;

/** Straight pieces laid into a grid of squares, so that each finds those near it. */
final class Squares {
    /** Hears of two pieces that share a square; of each two once. */
    interface Pairs {
        /** @return whether to go on */
        boolean pair(int p, int q);
    }

    private final Nodes nodes;
    private final int[] from;
    private final int[] to;
    private final double left;
    private final double top;
    private final double side;
    private final int across;
    private final int down;
    /** Where the pieces of each square begin in the list. */
    private final int[] first;

    private final int[] list;

    Squares(Nodes nodes, int[] from, int[] to, int count) {
        this.nodes = nodes;
        this.from = from;
        this.to = to;
        double minX = Double.POSITIVE_INFINITY;
        double minY = minX;
        double maxX = -minX;
        double maxY = -minX;
        double lengths = 0;
        for (int s = 0; s < count; s++) {
            minX = Math.min(minX, Math.min(x(from[s]), x(to[s])));
            maxX = Math.max(maxX, Math.max(x(from[s]), x(to[s])));
            minY = Math.min(minY, Math.min(y(from[s]), y(to[s])));
            maxY = Math.max(maxY, Math.max(y(from[s]), y(to[s])));
            lengths += Math.hypot(x(from[s]) - x(to[s]), y(from[s]) - y(to[s]));
        }
        double area = (maxX - minX) * (maxY - minY);
        side = Math.max(0.5, Math.max(1.5 * lengths / Math.max(1, count), Math.sqrt(area / 4_000_000)));
        left = minX - side;
        top = minY - side;
        across = (int) ((maxX - left) / side) + 2;
        down = (int) ((maxY - top) / side) + 2;
        int[] heads = new int[across * down + 1];
        for (int s = 0; s < count; s++) {
            final int piece = s;
            each(piece, cell -> heads[cell + 1]++);
        }
        for (int i = 1; i < heads.length; i++) {
            heads[i] += heads[i - 1];
        }
        first = heads;
        list = new int[heads[heads.length - 1]];
        int[] filled = heads.clone();
        for (int s = 0; s < count; s++) {
            final int piece = s;
            each(piece, cell -> list[filled[cell]++] = piece);
        }
    }

    private double x(int node) {
        return nodes.x(node);
    }

    private double y(int node) {
        return nodes.y(node);
    }

    private int column(double x) {
        return Math.max(0, Math.min(across - 1, (int) ((x - left) / side)));
    }

    private int row(double y) {
        return Math.max(0, Math.min(down - 1, (int) ((y - top) / side)));
    }

    private int firstColumn(int s) {
        return column(Math.min(x(from[s]), x(to[s])) - Nodes.NEAR);
    }

    private int firstRow(int s) {
        return row(Math.min(y(from[s]), y(to[s])) - Nodes.NEAR);
    }

    private void each(int s, java.util.function.IntConsumer cell) {
        int c2 = column(Math.max(x(from[s]), x(to[s])) + Nodes.NEAR);
        int r2 = row(Math.max(y(from[s]), y(to[s])) + Nodes.NEAR);
        for (int r = firstRow(s); r <= r2; r++) {
            for (int c = firstColumn(s); c <= c2; c++) {
                cell.accept(r * across + c);
            }
        }
    }

    void eachPair(Pairs pairs) {
        for (int cell = 0; cell < across * down; cell++) {
            int row = cell / across;
            int column = cell % across;
            for (int i = first[cell]; i < first[cell + 1]; i++) {
                for (int j = i + 1; j < first[cell + 1]; j++) {
                    int p = list[i];
                    int q = list[j];
                    // Two that share several squares are told of in the first that both are in.
                    if (Math.max(firstColumn(p), firstColumn(q)) == column
                            && Math.max(firstRow(p), firstRow(q)) == row
                            && !pairs.pair(p, q)) {
                        return;
                    }
                }
            }
        }
    }

    /**
     * The nearest piece to the left of a point that crosses its height.
     *
     * @return the piece, or -1
     */
    int leftOf(double px, double py) {
        int r = row(py);
        int found = -1;
        double nearest = Double.NEGATIVE_INFINITY;
        for (int c = column(px); c >= 0; c--) {
            for (int i = first[r * across + c]; i < first[r * across + c + 1]; i++) {
                int s = list[i];
                double y1 = y(from[s]);
                double y2 = y(to[s]);
                if (y1 > py == y2 > py) {
                    continue;
                }
                double at = x(from[s]) + (py - y1) / (y2 - y1) * (x(to[s]) - x(from[s]));
                if (at < px && at > nearest) {
                    nearest = at;
                    found = s;
                }
            }
            if (found >= 0 && nearest >= left + c * side) {
                return found;
            }
        }
        return found;
    }
}
