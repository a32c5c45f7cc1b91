package jorn.colour;

/**
 * Inks for many colours, as a picture has them: the nearest points of a grid of screen colours are solved when they are
 * first asked for, and what lies between is interpolated linearly. Safe to use from several threads.
 */
public final class InkCube {
    private static final int GRID = 17;
    private static final double STEP = 255.0 / (GRID - 1);

    private static final InkCube SHIPPED = new InkCube(PrintCondition.shipped());

    private final PrintCondition condition;
    private final double[][] nodes = new double[GRID * GRID * GRID][];

    InkCube(PrintCondition condition) {
        this.condition = condition;
    }

    /** Of the condition that ships. */
    public static InkCube shipped() {
        return SHIPPED;
    }

    /**
     * The inks for a colour.
     *
     * @param rgb as six hexadecimal figures
     * @param inks where cyan, magenta, yellow and black are put, each 0 to 1
     */
    public void inks(int rgb, double[] inks) {
        int r = rgb >> 16 & 255;
        int g = rgb >> 8 & 255;
        int b = rgb & 255;
        if (r == g && g == b) {
            System.arraycopy(condition.inksOf(new int[] {r, g, b}), 0, inks, 0, 4);
            return;
        }
        double x = r / STEP;
        double y = g / STEP;
        double z = b / STEP;
        int i = Math.min(GRID - 2, (int) x);
        int j = Math.min(GRID - 2, (int) y);
        int k = Math.min(GRID - 2, (int) z);
        java.util.Arrays.fill(inks, 0);
        for (int corner = 0; corner < 8; corner++) {
            int di = corner & 1;
            int dj = corner >> 1 & 1;
            int dk = corner >> 2;
            double weight = near(x - i, di) * near(y - j, dj) * near(z - k, dk);
            if (weight > 0) {
                double[] node = node(i + di, j + dj, k + dk);
                for (int n = 0; n < 4; n++) {
                    inks[n] += weight * node[n];
                }
            }
        }
    }

    private static double near(double within, int far) {
        return far == 1 ? within : 1 - within;
    }

    private double[] node(int i, int j, int k) {
        int index = (i * GRID + j) * GRID + k;
        double[] known = nodes[index];
        if (known == null) {
            known = condition.inksOf(new int[] {level(i), level(j), level(k)});
            nodes[index] = known;
        }
        return known;
    }

    private static int level(int i) {
        return (int) Math.round(i * STEP);
    }
}
