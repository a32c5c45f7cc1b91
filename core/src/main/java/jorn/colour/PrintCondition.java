package jorn.colour;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/**
 * A printing condition: a table of how four inks look, and the way back from a colour to inks.
 *
 * <p>The way back is not in the profile. There are many mixtures of four inks for one colour, so black is set first, by the
 * curve of {@link #black}, and then the other three are found that bring the table nearest to the colour (Gauss and Newton's
 * method with steps held inside the range of the inks). What no inks can make is brought to the nearest that they can.
 */
public final class PrintCondition {
    /** The name under which the condition is registered, as an output intent names it (ISO 15930-1). */
    public static final String REGISTERED = "CGATS TR 001";

    /** Where it is registered: the name of the ICC's registry, which is not an address that is ever gone to. */
    public static final String REGISTRY = "http://www.color.org";

    /** Black begins to take the place of the three inks below this lightness (common practice: a light black). */
    private static final double BLACK_BEGINS = 80;

    /** Full colour keeps black out to this part (common practice: clean colours). */
    private static final double CLEAN = 0.85;

    /** Chroma at which a colour counts as full. */
    private static final double FULL_CHROMA = 60;

    /** The most ink that coated paper takes, as the sum of the four (common practice: 300 %). */
    public static final double MOST_INK = 3.0;

    private static final int STEPS = 40;
    /** Amounts of black that are tried on either side of the curve. */
    private static final int TRIES = 12;

    private static final double CLOSE = 0.02;
    private static final double NUDGE = 1e-3;

    private static final class Shipped {
        private static final PrintCondition TR_001 = load();
    }

    private final InkTable table;
    private final double darkest;

    private PrintCondition(InkTable table) {
        this.table = table;
        this.darkest = table.colour(0.7, 0.6, 0.6, 1).l();
    }

    /** The condition that ships: web offset on coated paper. */
    public static PrintCondition shipped() {
        return Shipped.TR_001;
    }

    /** The file of its profile. */
    public static byte[] profile() {
        try (InputStream in = PrintCondition.class.getResourceAsStream("/jorn/colour/cgats-tr-001.icc")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PrintCondition load() {
        return new PrintCondition(InkTable.read(profile()));
    }

    /** How inks look, each 0 to 1. */
    public Lab colour(double cyan, double magenta, double yellow, double black) {
        return table.colour(cyan, magenta, yellow, black);
    }

    /**
     * The inks for a colour of a screen. Its black becomes the darkest that the inks make (black point compensation), so that
     * dark colours stay apart.
     *
     * @param rgb red, green and blue, each 0 to 255
     * @return cyan, magenta, yellow and black, each 0 to 1
     */
    public double[] inksOf(int[] rgb) {
        if (rgb[0] == rgb[1] && rgb[1] == rgb[2]) {
            return new double[] {0, 0, 0, grey(rgb)};
        }
        Lab seen = Lab.ofRgb(rgb);
        return inksFor(new Lab(darkest + seen.l() * (100 - darkest) / 100, seen.a(), seen.b()));
    }

    /** Greys are printed in black alone, so that they have no cast and no fringe (common practice). */
    private double grey(int[] rgb) {
        double full = table.colour(0, 0, 0, 1).l();
        double wanted = full + Lab.ofRgb(rgb).l() * (100 - full) / 100;
        double low = 0;
        double high = 1;
        for (int i = 0; i < STEPS; i++) {
            double middle = (low + high) / 2;
            if (table.colour(0, 0, 0, middle).l() > wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * The inks that come nearest to a colour.
     *
     * @return cyan, magenta, yellow and black, each 0 to 1, together at most {@link #MOST_INK}
     */
    public double[] inksFor(Lab wanted) {
        double black = black(wanted);
        double[] best = solve(wanted, black);
        // Dark colours may need more black than the curve gives, full ones less: the least away from the curve is
        // taken.
        for (int step = 1; step <= TRIES && !isNear(best, wanted); step++) {
            for (double other : new double[] {black - step / (double) TRIES, black + step / (double) TRIES}) {
                if (other > -1.0 / TRIES && other < 1 + 1.0 / TRIES) {
                    double[] tried = solve(wanted, Math.min(1, Math.max(0, other)));
                    best = cost(tried, wanted) < cost(best, wanted) - 0.1 ? tried : best;
                }
            }
        }
        return limited(best);
    }

    private boolean isNear(double[] inks, Lab wanted) {
        return table.colour(inks).distance(wanted) < 0.5 && total(inks) <= MOST_INK;
    }

    private double cost(double[] inks, Lab wanted) {
        return table.colour(inks).distance(wanted) + 20 * Math.max(0, total(inks) - MOST_INK);
    }

    private static double total(double[] inks) {
        return inks[0] + inks[1] + inks[2] + inks[3];
    }

    /** How much black a colour begins with: none in light and full colours, most of it in dark greys. */
    static double black(Lab wanted) {
        double dark = Math.max(0, BLACK_BEGINS - wanted.l()) / BLACK_BEGINS;
        double full = Math.min(1, wanted.chroma() / FULL_CHROMA);
        return Math.pow(dark, 1.3) * (1 - CLEAN * full);
    }

    /** Cyan, magenta and yellow over a given black that come nearest to a colour. */
    private double[] solve(Lab wanted, double black) {
        double[] inks = {0.4, 0.4, 0.4, black};
        double distance = table.colour(inks).distance(wanted);
        for (int step = 0; step < STEPS && distance > CLOSE; step++) {
            double[] move = move(inks, wanted);
            boolean nearer = false;
            for (double share = 1; share > 0.02 && !nearer; share /= 2) {
                double[] tried = inks.clone();
                for (int i = 0; i < 3; i++) {
                    tried[i] = Math.min(1, Math.max(0, inks[i] + share * move[i]));
                }
                double then = table.colour(tried).distance(wanted);
                if (then < distance - 1e-6) {
                    inks = tried;
                    distance = then;
                    nearer = true;
                }
            }
            if (!nearer) {
                break;
            }
        }
        return inks;
    }

    /** The step towards a colour that the table's slope at these inks asks for; inks at the end of their range stay out of it. */
    private double[] move(double[] inks, Lab wanted) {
        Lab here = table.colour(inks);
        double[] miss = {wanted.l() - here.l(), wanted.a() - here.a(), wanted.b() - here.b()};
        double[][] slope = new double[3][3];
        for (int i = 0; i < 3; i++) {
            double[] near = inks.clone();
            double nudge = inks[i] > 0.5 ? -NUDGE : NUDGE;
            near[i] += nudge;
            Lab there = table.colour(near);
            slope[0][i] = (there.l() - here.l()) / nudge;
            slope[1][i] = (there.a() - here.a()) / nudge;
            slope[2][i] = (there.b() - here.b()) / nudge;
        }
        double[] move = least(slope, miss, new boolean[3]);
        boolean[] held = new boolean[3];
        boolean any = false;
        for (int i = 0; i < 3; i++) {
            held[i] = (inks[i] <= 0 && move[i] < 0) || (inks[i] >= 1 && move[i] > 0);
            any |= held[i];
        }
        return any ? least(slope, miss, held) : move;
    }

    /** The move with the least miss, by the normal equations, with a little damping where the slope is flat. */
    private static double[] least(double[][] slope, double[] miss, boolean[] held) {
        double[][] m = new double[3][4];
        for (int r = 0; r < 3; r++) {
            for (int c = 0; c < 3; c++) {
                for (int k = 0; k < 3; k++) {
                    m[r][c] += slope[k][r] * slope[k][c];
                }
            }
            for (int k = 0; k < 3; k++) {
                m[r][3] += slope[k][r] * miss[k];
            }
            m[r][r] += 1e-3;
        }
        for (int r = 0; r < 3; r++) {
            if (held[r]) {
                m[r] = new double[4];
                m[r][r] = 1;
            }
        }
        return solved(m);
    }

    /** Three equations with three unknowns, by elimination with the largest pivot. */
    private static double[] solved(double[][] m) {
        for (int p = 0; p < 3; p++) {
            int largest = p;
            for (int r = p + 1; r < 3; r++) {
                if (Math.abs(m[r][p]) > Math.abs(m[largest][p])) {
                    largest = r;
                }
            }
            double[] row = m[largest];
            m[largest] = m[p];
            m[p] = row;
            for (int r = 0; r < 3; r++) {
                if (r != p) {
                    double factor = m[r][p] / row[p];
                    for (int c = p; c < 4; c++) {
                        m[r][c] -= factor * row[c];
                    }
                }
            }
        }
        return new double[] {m[0][3] / m[0][0], m[1][3] / m[1][1], m[2][3] / m[2][2]};
    }

    /** Takes the three inks back in proportion where all together are more than paper takes. */
    private static double[] limited(double[] inks) {
        double over = total(inks) - MOST_INK;
        if (over <= 0) {
            return inks;
        }
        double three = inks[0] + inks[1] + inks[2];
        double share = Math.max(0, (three - over) / three);
        return new double[] {inks[0] * share, inks[1] * share, inks[2] * share, inks[3]};
    }
}
