package jorn.scan;

import java.util.Arrays;

/**
 * Makes the paper white and evenly lit. In each square of a coarse grid the light of the paper is what most bright pixels have; between squares
 * it passes gradually, and every pixel is divided by it. Colours stay.
 */
final class Whitening {
    private static final int ACROSS = 28;
    private static final double BRIGHT = 0.85;
    /** What is so near to the paper is paper. */
    private static final double WHITE = 0.94;

    private Whitening() {}

    static Scan of(Scan scan) {
        int n = Math.max(2, Math.min(ACROSS, scan.width() / 8));
        int m = Math.max(2, Math.min(ACROSS * 2, (int) Math.round((double) n * scan.height() / scan.width())));
        double[][] paper = new double[3][];
        for (int c = 0; c < 3; c++) {
            paper[c] = smooth(lights(scan, n, m, c), n, m);
        }
        int[] out = new int[scan.rgb().length];
        for (int y = 0; y < scan.height(); y++) {
            double gy = Math.max(0, Math.min(m - 1.0, (y + 0.5) * m / scan.height() - 0.5));
            for (int x = 0; x < scan.width(); x++) {
                double gx = Math.max(0, Math.min(n - 1.0, (x + 0.5) * n / scan.width() - 0.5));
                int p = scan.rgb(x, y);
                int r = divided(p >> 16 & 255, between(paper[0], n, m, gx, gy));
                int g = divided(p >> 8 & 255, between(paper[1], n, m, gx, gy));
                int b = divided(p & 255, between(paper[2], n, m, gx, gy));
                out[y * scan.width() + x] = r << 16 | g << 8 | b;
            }
        }
        return new Scan(scan.width(), scan.height(), out);
    }

    private static int divided(int light, double paper) {
        return (int) Math.max(0, Math.min(255, Math.round(255 * light / Math.max(1, paper * WHITE))));
    }

    private static double[] lights(Scan scan, int n, int m, int c) {
        double[] all = new double[n * m];
        int shift = 16 - 8 * c;
        for (int j = 0; j < m; j++) {
            for (int i = 0; i < n; i++) {
                int x0 = i * scan.width() / n;
                int x1 = Math.max(x0 + 1, (i + 1) * scan.width() / n);
                int y0 = j * scan.height() / m;
                int y1 = Math.max(y0 + 1, (j + 1) * scan.height() / m);
                int step = Math.max(1, (x1 - x0) * (y1 - y0) / 3000);
                int[] v = new int[(x1 - x0) * (y1 - y0) / step + 1];
                int k = 0;
                for (int p = 0; p < (x1 - x0) * (y1 - y0) && k < v.length; p += step) {
                    v[k++] = scan.rgb(x0 + p % (x1 - x0), y0 + p / (x1 - x0)) >> shift & 255;
                }
                Arrays.sort(v, 0, k);
                all[j * n + i] = v[(int) Math.min(k - 1, BRIGHT * k)];
            }
        }
        return all;
    }

    /** A square that is drawn full has no paper in it: where one is much darker than those round it, theirs is taken. */
    private static double[] smooth(double[] v, int n, int m) {
        double[] now = v;
        for (int round = 0; round < 4; round++) {
            double[] next = new double[v.length];
            for (int j = 0; j < m; j++) {
                for (int i = 0; i < n; i++) {
                    double[] near = new double[25];
                    int k = 0;
                    for (int b = -2; b <= 2; b++) {
                        for (int a = -2; a <= 2; a++) {
                            int x = i + a;
                            int y = j + b;
                            if (x >= 0 && x < n && y >= 0 && y < m) {
                                near[k++] = now[y * n + x];
                            }
                        }
                    }
                    Arrays.sort(near, 0, k);
                    double high = near[(int) (0.7 * k)];
                    double own = now[j * n + i];
                    next[j * n + i] = own < high * 0.93 ? high : (own + high) / 2;
                }
            }
            now = next;
        }
        return now;
    }

    private static double between(double[] v, int n, int m, double x, double y) {
        int x0 = (int) x;
        int y0 = (int) y;
        int x1 = Math.min(n - 1, x0 + 1);
        int y1 = Math.min(m - 1, y0 + 1);
        double fx = x - x0;
        double fy = y - y0;
        return (v[y0 * n + x0] * (1 - fx) + v[y0 * n + x1] * fx) * (1 - fy)
                + (v[y1 * n + x0] * (1 - fx) + v[y1 * n + x1] * fx) * fy;
    }
}
