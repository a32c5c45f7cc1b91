package jorn.pattern.motif;

import java.util.List;
import jorn.art.Path;
import jorn.shape.Polylines;

/** Curves through points (Catmull and Rom, 1974), and points along curves. */
public final class Curves {
    private Curves() {}

    /** A curve through points, x and y in turn. */
    public static Path through(double[] xy, boolean closed) {
        int n = xy.length / 2;
        Path.Builder path = Path.builder().move(xy[0], xy[1]);
        int pieces = closed ? n : n - 1;
        for (int i = 0; i < pieces; i++) {
            int a = closed ? (i + n - 1) % n : Math.max(0, i - 1);
            int c = (i + 1) % n;
            int d = closed ? (i + 2) % n : Math.min(n - 1, i + 2);
            path.curve(
                    xy[2 * i] + (xy[2 * c] - xy[2 * a]) / 6,
                    xy[2 * i + 1] + (xy[2 * c + 1] - xy[2 * a + 1]) / 6,
                    xy[2 * c] - (xy[2 * d] - xy[2 * i]) / 6,
                    xy[2 * c + 1] - (xy[2 * d + 1] - xy[2 * i + 1]) / 6,
                    xy[2 * c],
                    xy[2 * c + 1]);
        }
        return closed ? path.close().build() : path.build();
    }

    /**
     * The path as straight pieces, one list of points for each piece of line; a closed one ends where it began.
     *
     * @param flat how far they may leave the curve
     */
    public static List<double[]> flat(Path path, double flat) {
        return Polylines.of(path.asShape(), flat);
    }

    /** So many points along a line of straight pieces, equally far from each other, from its beginning to its end. */
    public static double[] spaced(double[] line, int count) {
        double[] lengths = new double[line.length / 2];
        for (int i = 1; i < lengths.length; i++) {
            lengths[i] = lengths[i - 1] + Math.hypot(line[2 * i] - line[2 * i - 2], line[2 * i + 1] - line[2 * i - 1]);
        }
        double all = lengths[lengths.length - 1];
        double[] out = new double[2 * count];
        int k = 1;
        for (int i = 0; i < count; i++) {
            double want = all * i / (count - 1);
            while (k < lengths.length - 1 && lengths[k] < want) {
                k++;
            }
            double piece = lengths[k] - lengths[k - 1];
            double s = piece == 0 ? 0 : (want - lengths[k - 1]) / piece;
            out[2 * i] = line[2 * k - 2] + (line[2 * k] - line[2 * k - 2]) * s;
            out[2 * i + 1] = line[2 * k - 1] + (line[2 * k + 1] - line[2 * k - 1]) * s;
        }
        return out;
    }
}
