package jorn.pattern.page;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Turn;
import jorn.pattern.symmetry.Lattice;

/**
 * A place in a cell, and the moves that leave it where it is.
 *
 * @param x in points
 * @param y in points
 * @param order how many turns leave it; 1 for none but the whole one
 * @param mirrored whether a mirror runs through it
 * @param axis the direction of one of its mirrors, in degrees clockwise from upward
 */
record Site(double x, double y, int order, boolean mirrored, double axis) {
    private static final double SAME = 1e-6;
    private static final int ROUNDS = 3;

    /**
     * The place itself, or the centre or mirror that lies nearer than a distance.
     *
     * @param reach in points
     */
    static Site near(double x, double y, double reach, List<Turn> moves, Lattice lattice) {
        double px = x;
        double py = y;
        for (int round = 0; round < ROUNDS; round++) {
            double sx = 0;
            double sy = 0;
            int n = 0;
            for (double[] image : images(px, py, moves, lattice)) {
                if (Math.hypot(image[0] - px, image[1] - py) < reach) {
                    sx += image[0];
                    sy += image[1];
                    n++;
                }
            }
            px = sx / n;
            py = sy / n;
        }
        Site there = fixed(px, py, moves, lattice);
        return there.order() > 1 || there.mirrored() ? there : fixed(x, y, moves, lattice);
    }

    private static Site fixed(double px, double py, List<Turn> moves, Lattice lattice) {
        int turns = 0;
        boolean mirrored = false;
        double axis = 0;
        for (Turn move : moves) {
            double ix = move.x(px, py) - px;
            double iy = move.y(px, py) - py;
            double[] steps = steps(ix, iy, lattice);
            if (Math.abs(steps[0] - Math.rint(steps[0])) < SAME && Math.abs(steps[1] - Math.rint(steps[1])) < SAME) {
                if (move.a() * move.d() - move.b() * move.c() > 0) {
                    turns++;
                } else {
                    mirrored = true;
                    axis = Math.toDegrees(Math.atan2(move.b(), move.a()) / 2) + 90;
                }
            }
        }
        return new Site(px, py, Math.max(1, turns), mirrored, axis);
    }

    private static double[] steps(double dx, double dy, Lattice lattice) {
        Turn back = lattice.turn().back();
        return new double[] {back.x(dx, dy), back.y(dx, dy)};
    }

    /** All copies of a point in the cell it lies in and those round it. */
    private static List<double[]> images(double px, double py, List<Turn> moves, Lattice l) {
        List<double[]> all = new ArrayList<>();
        for (Turn move : moves) {
            double ix = move.x(px, py);
            double iy = move.y(px, py);
            double[] steps = steps(ix - px, iy - py, l);
            double cx = Math.rint(steps[0]);
            double cy = Math.rint(steps[1]);
            for (int i = -1; i <= 1; i++) {
                for (int j = -1; j <= 1; j++) {
                    all.add(new double[] {
                        ix + (i - cx) * l.ax() + (j - cy) * l.bx(), iy + (i - cx) * l.ay() + (j - cy) * l.by()
                    });
                }
            }
        }
        return all;
    }

    /** Of all moves those that bring it to different places. */
    List<Turn> distinct(List<Turn> moves, Lattice lattice) {
        List<Turn> kept = new ArrayList<>();
        for (Turn move : moves) {
            boolean there = false;
            for (Turn k : kept) {
                double[] s = steps(k.x(x, y) - move.x(x, y), k.y(x, y) - move.y(x, y), lattice);
                there |= Math.abs(s[0] - Math.rint(s[0])) < SAME && Math.abs(s[1] - Math.rint(s[1])) < SAME;
            }
            if (!there) {
                kept.add(move);
            }
        }
        return kept;
    }
}
