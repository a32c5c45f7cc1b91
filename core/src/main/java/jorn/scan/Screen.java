package jorn.scan;

import java.util.OptionalDouble;

/**
 * The dots of a printed picture, which would come out as specks: found as what repeats at a short distance, and blurred away.
 */
final class Screen {
    private static final int SHORTEST = 3;
    private static final int LONGEST = 28;
    private static final double CLEAR = 0.34;
    private static final double OWN = 0.75;
    private static final int PATCH = 512;

    private Screen() {}

    /** How far dots are from each other along rows, in pixels; nothing where there are none. */
    static OptionalDouble period(Grey grey) {
        int w = Math.min(PATCH, grey.width());
        int h = Math.min(PATCH, grey.height());
        if (w < 4 * LONGEST || h < 4 * LONGEST) {
            return OptionalDouble.empty();
        }
        OptionalDouble best = OptionalDouble.empty();
        double most = CLEAR;
        // The middle and four places round it: a drawing may have dots in some of it only.
        for (int place = 0; place < 5; place++) {
            int x0 = (grey.width() - w) * (place == 0 ? 2 : place % 2 * 4) / 4;
            int y0 = (grey.height() - h) * (place == 0 ? 2 : place / 3 * 4) / 4;
            double[] like = likeness(grey, x0, y0, w, h);
            double highest = 0;
            for (int lag = SHORTEST; lag < LONGEST; lag++) {
                highest = isPeak(like, lag) ? Math.max(highest, like[lag]) : highest;
            }
            for (int lag = SHORTEST; lag < LONGEST && highest > most; lag++) {
                // Dots repeat at twice and thrice their distance as well; the shortest counts.
                if (isPeak(like, lag) && like[lag] > OWN * highest) {
                    most = highest;
                    double d = like[lag - 1] - 2 * like[lag] + like[lag + 1];
                    best = OptionalDouble.of(lag + (d == 0 ? 0 : 0.5 * (like[lag - 1] - like[lag + 1]) / d));
                }
            }
        }
        return best;
    }

    private static boolean isPeak(double[] like, int lag) {
        return like[lag] > like[lag - 1] && like[lag] >= like[lag + 1];
    }

    /** How like rows are to themselves at each distance, without slow changes. */
    private static double[] likeness(Grey grey, int x0, int y0, int w, int h) {
        double[] sums = new double[LONGEST + 2];
        for (int y = y0; y < y0 + h; y += 3) {
            double[] row = new double[w];
            double mean = 0;
            for (int x = 0; x < w; x++) {
                row[x] = grey.at(x0 + x, y);
                mean += row[x] / w;
            }
            double[] fast = new double[w];
            for (int x = 0; x < w; x++) {
                double slow = 0;
                int n = 0;
                for (int i = Math.max(0, x - LONGEST / 2); i < Math.min(w, x + LONGEST / 2); i++) {
                    slow += row[i];
                    n++;
                }
                fast[x] = row[x] - (n == 0 ? mean : slow / n);
            }
            for (int lag = 0; lag < sums.length; lag++) {
                double s = 0;
                for (int x = 0; x + lag < w; x++) {
                    s += fast[x] * fast[x + lag];
                }
                sums[lag] += s / (w - lag);
            }
        }
        double power = sums[0];
        for (int i = 0; i < sums.length; i++) {
            sums[i] = power < 40 ? 0 : sums[i] / power;
        }
        return sums;
    }

    /** The same without dots that are so far apart. */
    static Scan without(Scan scan, double period) {
        double sigma = period * 0.42;
        float[][] lights = new float[3][];
        for (int c = 0; c < 3; c++) {
            float[] v = new float[scan.rgb().length];
            int shift = 16 - 8 * c;
            for (int i = 0; i < v.length; i++) {
                v[i] = scan.rgb()[i] >> shift & 255;
            }
            lights[c] = new Grey(scan.width(), scan.height(), v).blurred(sigma).values();
        }
        int[] out = new int[scan.rgb().length];
        for (int i = 0; i < out.length; i++) {
            out[i] = Math.round(lights[0][i]) << 16 | Math.round(lights[1][i]) << 8 | Math.round(lights[2][i]);
        }
        return new Scan(scan.width(), scan.height(), out);
    }
}
