package jorn.colour;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/**
 * How the four inks look when they are printed together: the table from inks to colours that an ICC profile carries
 * (ICC.1:2001-04, 6.5.7, lut16Type), read from the file and interpolated linearly in all four inks.
 */
public final class InkTable {
    static final int HEADER = 128;
    private static final int INKS = 4;
    private static final int PARTS = 3;
    /** Lightness 100 as the sixteen bits of version 2 write it (ICC.1:2001-04, 6.3.4.2). */
    static final double FULL_LIGHTNESS = 0xFF00;

    private final int grid;
    private final double[][] curves;
    private final double[] table;

    private InkTable(int grid, double[][] curves, double[] table) {
        this.grid = grid;
        this.curves = curves;
        this.table = table;
    }

    /**
     * Reads the table from cyan, magenta, yellow and black to Lab.
     *
     * @param profile an ICC profile of version 2 whose tag A2B0 is a table of sixteen bits with straight output curves
     * @throws IllegalArgumentException where it is none
     */
    public static InkTable read(byte[] profile) {
        ByteBuffer in = ByteBuffer.wrap(profile);
        require("CMYK".equals(name(in, 16)) && "Lab ".equals(name(in, 20)), "not from four inks to Lab");
        int at = in.getInt(tag(in, "A2B0") + 4);
        require("mft2".equals(name(in, at)), "no table of sixteen bits");
        require(in.get(at + 8) == INKS && in.get(at + 9) == PARTS, "not from four inks to three parts");
        int grid = in.get(at + 10);
        int entries = in.getShort(at + 48);
        require(in.getShort(at + 50) == 2, "bent output curves");
        int next = at + 52;
        double[][] curves = new double[INKS][entries];
        for (double[] curve : curves) {
            for (int i = 0; i < entries; i++, next += 2) {
                curve[i] = (in.getShort(next) & 0xFFFF) / 65535.0;
            }
        }
        double[] table = new double[(int) Math.pow(grid, INKS) * PARTS];
        for (int i = 0; i < table.length; i++, next += 2) {
            int value = in.getShort(next) & 0xFFFF;
            table[i] = i % PARTS == 0 ? value * 100 / FULL_LIGHTNESS : value / 256.0 - 128;
        }
        return new InkTable(grid, curves, table);
    }

    /** Where a profile's list of tags has the one of this name: its name, where it stands, how long it is (ICC.1:2001-04, 6.2). */
    static int tag(ByteBuffer in, String wanted) {
        int tags = in.getInt(HEADER);
        for (int i = 0; i < tags; i++) {
            int entry = HEADER + 4 + 12 * i;
            if (wanted.equals(name(in, entry))) {
                return entry;
            }
        }
        throw new IllegalArgumentException("no tag " + wanted);
    }

    private static String name(ByteBuffer in, int at) {
        byte[] four = new byte[4];
        in.get(at, four);
        return new String(four, StandardCharsets.US_ASCII);
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalArgumentException(otherwise);
        }
    }

    /**
     * The colour of inks printed over one another.
     *
     * @param inks cyan, magenta, yellow and black, each 0 to 1
     */
    public Lab colour(double... inks) {
        int[] cell = new int[INKS];
        double[] within = new double[INKS];
        for (int i = 0; i < INKS; i++) {
            double at = bent(curves[i], inks[i]) * (grid - 1);
            cell[i] = Math.min(grid - 2, (int) at);
            within[i] = at - cell[i];
        }
        double[] sum = new double[PARTS];
        for (int corner = 0; corner < 1 << INKS; corner++) {
            double weight = 1;
            int index = 0;
            for (int i = 0; i < INKS; i++) {
                int far = corner >> i & 1;
                weight *= far == 1 ? within[i] : 1 - within[i];
                index = index * grid + cell[i] + far;
            }
            if (weight > 0) {
                for (int p = 0; p < PARTS; p++) {
                    sum[p] += weight * table[index * PARTS + p];
                }
            }
        }
        return new Lab(sum[0], sum[1], sum[2]);
    }

    private static double bent(double[] curve, double ink) {
        double at = Math.min(1, Math.max(0, ink)) * (curve.length - 1);
        int i = Math.min(curve.length - 2, (int) at);
        return curve[i] + (curve[i + 1] - curve[i]) * (at - i);
    }
}
