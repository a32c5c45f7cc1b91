package jorn.pattern.symmetry;

import jorn.art.Turn;

/**
 * The two steps by which a pattern repeats, in points: every corner is so many times the one and so many times the other.
 *
 * @param ax the first step to the right
 * @param ay the first step down
 * @param bx the second step to the right
 * @param by the second step down
 */
public record Lattice(double ax, double ay, double bx, double by) {
    /** What cells look like. */
    public enum CellForm {
        /** Two steps of any lengths, at any angle. */
        OBLIQUE(1.18, 74),
        /** At right angles. */
        RECTANGULAR(1.32, 90),
        /** At right angles, with a corner in the middle of each cell. */
        CENTRED(1.46, 90),
        /** At right angles and equally long. */
        SQUARE(1, 90),
        /** Equally long, at 120 degrees. */
        HEXAGONAL(1, 120);

        private final double ratio;
        private final double angle;

        CellForm(double ratio, double angle) {
            this.ratio = ratio;
            this.angle = angle;
        }
    }

    /**
     * A lattice whose cells have an area.
     *
     * @param side of a square of the same area as a cell, in points, above 0
     * @param turn of the first step, in degrees clockwise
     */
    public static Lattice of(CellForm kind, double side, double turn) {
        double angle = Math.toRadians(kind.angle);
        double a = side / Math.sqrt(kind.ratio * Math.sin(angle));
        double b = a * kind.ratio;
        double t = Math.toRadians(turn);
        return new Lattice(a * Math.cos(t), a * Math.sin(t), b * Math.cos(t + angle), b * Math.sin(t + angle));
    }

    /** From shares of the steps to points of the page. */
    public Turn turn() {
        return new Turn(ax, ay, bx, by, 0, 0);
    }

    /** The area of a cell, in square points. */
    public double area() {
        return Math.abs(ax * by - ay * bx);
    }
}
