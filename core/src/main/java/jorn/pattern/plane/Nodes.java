package jorn.pattern.plane;

import java.util.Arrays;

/** Points where lines begin, end or cross; points nearer than a thousandth of a point are one. */
final class Nodes {
    /** In points. */
    static final double NEAR = 1e-3;

    private double[] xs = new double[1024];
    private double[] ys = new double[1024];
    private int[] nextInBucket = new int[1024];
    private int[] buckets = new int[4096];
    private int count;

    Nodes() {
        Arrays.fill(buckets, -1);
    }

    int count() {
        return count;
    }

    double x(int node) {
        return xs[node];
    }

    double y(int node) {
        return ys[node];
    }

    private static int hash(long cx, long cy) {
        long h = cx * 0x9E3779B97F4A7C15L + cy * 0xC2B2AE3D27D4EB4FL;
        return (int) (h ^ (h >>> 32));
    }

    private static long cell(double v) {
        return (long) Math.floor(v / (2 * NEAR));
    }

    /** The node at a point, made where there is none. */
    int at(double x, double y) {
        long cx = cell(x);
        long cy = cell(y);
        for (long i = cx - 1; i <= cx + 1; i++) {
            for (long j = cy - 1; j <= cy + 1; j++) {
                for (int n = buckets[hash(i, j) & buckets.length - 1]; n >= 0; n = nextInBucket[n]) {
                    if (Math.abs(xs[n] - x) <= NEAR && Math.abs(ys[n] - y) <= NEAR) {
                        return n;
                    }
                }
            }
        }
        if (count == xs.length) {
            grow();
        }
        xs[count] = x;
        ys[count] = y;
        int b = hash(cx, cy) & buckets.length - 1;
        nextInBucket[count] = buckets[b];
        buckets[b] = count;
        return count++;
    }

    private void grow() {
        xs = Arrays.copyOf(xs, 2 * count);
        ys = Arrays.copyOf(ys, 2 * count);
        nextInBucket = Arrays.copyOf(nextInBucket, 2 * count);
        buckets = new int[buckets.length * 2];
        Arrays.fill(buckets, -1);
        for (int n = 0; n < count; n++) {
            int b = hash(cell(xs[n]), cell(ys[n])) & buckets.length - 1;
            nextInBucket[n] = buckets[b];
            buckets[b] = n;
        }
    }
}
