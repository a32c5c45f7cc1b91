package jorn.colour;

/**
 * A colour as an eye sees it under the light D50, relative to the white of the paper: CIE 1976 L*a*b* (ISO/CIE 11664-4).
 *
 * @param l lightness, 0 black to 100 the paper's white
 * @param a from green, below 0, to red
 * @param b from blue, below 0, to yellow
 */
public record Lab(double l, double a, double b) {
    /** The white of D50, by which print is judged (ISO 3664). */
    private static final double[] WHITE = {0.9642, 1.0, 0.8249};

    /** From linear sRGB to XYZ under D50: the primaries of IEC 61966-2-1, adapted by Bradford's matrix (ICC.1, annex E). */
    private static final double[][] TO_XYZ = {
        {0.4360747, 0.3850649, 0.1430804}, {0.2225045, 0.7168786, 0.0606169}, {0.0139322, 0.0971045, 0.7141733}
    };

    private static final double[][] FROM_XYZ = {
        {3.1338561, -1.6168667, -0.4906146}, {-0.9787684, 1.9161415, 0.0334540}, {0.0719453, -0.2289914, 1.4052427}
    };

    /** Below this share of white lightness runs straight (CIE 15). */
    private static final double STRAIGHT = 216.0 / 24389;

    private static final double SLOPE = 24389.0 / 27;

    /**
     * The colour of a screen.
     *
     * @param rgb red, green and blue, each 0 to 255
     */
    public static Lab ofRgb(int[] rgb) {
        double[] linear = {linear(rgb[0] / 255.0), linear(rgb[1] / 255.0), linear(rgb[2] / 255.0)};
        double x = share(times(TO_XYZ[0], linear) / WHITE[0]);
        double y = share(times(TO_XYZ[1], linear) / WHITE[1]);
        double z = share(times(TO_XYZ[2], linear) / WHITE[2]);
        return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    /** The nearest colour that a screen has, each part 0 to 255; parts beyond its range stop at its edge. */
    public int[] rgb() {
        double fy = (l + 16) / 116;
        double[] xyz = {
            unshare(fy + a / 500) * WHITE[0], unshare(fy) * WHITE[1], unshare(fy - b / 200) * WHITE[2],
        };
        int[] rgb = new int[3];
        for (int i = 0; i < 3; i++) {
            double part = Math.min(1, Math.max(0, times(FROM_XYZ[i], xyz)));
            rgb[i] = (int) Math.round(255 * curved(part));
        }
        return rgb;
    }

    /** How far apart two colours are: ΔE*ab of 1976. About 1 is just seen, side by side. */
    public double distance(Lab other) {
        double dl = l - other.l;
        double da = a - other.a;
        double db = b - other.b;
        return Math.sqrt(dl * dl + da * da + db * db);
    }

    /** How far from grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    private static double times(double[] row, double[] v) {
        return row[0] * v[0] + row[1] * v[1] + row[2] * v[2];
    }

    private static double share(double t) {
        return t > STRAIGHT ? Math.cbrt(t) : (SLOPE * t + 16) / 116;
    }

    private static double unshare(double f) {
        double cubed = f * f * f;
        return cubed > STRAIGHT ? cubed : (116 * f - 16) / SLOPE;
    }

    /** The curve of IEC 61966-2-1. */
    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double curved(double v) {
        return v <= 0.0031308 ? 12.92 * v : 1.055 * Math.pow(v, 1 / 2.4) - 0.055;
    }
}
