package jorn.pattern.plane;

import java.awt.geom.Line2D;
import java.util.PriorityQueue;

/**
 * The largest circle that lies in a field: how far across it is to a pen, and where a number stands in it.
 *
 * <p>Squares over the field are halved where they can hold a better middle than the best so far, the most promising first (branch and bound
 * over a quadtree, as for the pole of inaccessibility; Garcia-Castellanos and Lombardo 2007).
 *
 * @param x of its middle, in points
 * @param y of its middle
 * @param radius in points
 */
public record Roundel(double x, double y, double radius) {
    private static final double ROOT = Math.sqrt(2);

    private record Square(double x, double y, double half, double off) {
        double best() {
            return off + half * ROOT;
        }
    }

    /**
     * Finds it.
     *
     * @param within how far the radius may be from the largest one, in points
     */
    public static Roundel of(Field field, double within) {
        java.util.List<double[]> rings = field.rings();
        double left = Double.POSITIVE_INFINITY;
        double top = left;
        double right = -left;
        double bottom = -left;
        double[] outline = rings.get(0);
        for (int i = 0; i < outline.length; i += 2) {
            left = Math.min(left, outline[i]);
            right = Math.max(right, outline[i]);
            top = Math.min(top, outline[i + 1]);
            bottom = Math.max(bottom, outline[i + 1]);
        }
        double side = Math.max(Math.min(right - left, bottom - top), 1e-6);
        PriorityQueue<Square> open = new PriorityQueue<>(
                java.util.Comparator.comparingDouble(Square::best).reversed());
        Roundel found = new Roundel((left + right) / 2, (top + bottom) / 2, 0);
        if (side < within || (right - left) / side > 1000 || (bottom - top) / side > 1000) {
            return found;
        }
        for (double x = left; x < right; x += side) {
            for (double y = top; y < bottom; y += side) {
                found = offer(x + side / 2, y + side / 2, side / 2, rings, found, within, open);
            }
        }
        while (!open.isEmpty()) {
            Square square = open.poll();
            if (square.best() - found.radius() <= within) {
                break;
            }
            double h = square.half() / 2;
            found = offer(square.x() - h, square.y() - h, h, rings, found, within, open);
            found = offer(square.x() + h, square.y() - h, h, rings, found, within, open);
            found = offer(square.x() - h, square.y() + h, h, rings, found, within, open);
            found = offer(square.x() + h, square.y() + h, h, rings, found, within, open);
        }
        return found;
    }

    private static Roundel offer(
            double x,
            double y,
            double half,
            java.util.List<double[]> rings,
            Roundel found,
            double within,
            PriorityQueue<Square> open) {
        double off = off(x, y, rings);
        Square square = new Square(x, y, half, off);
        if (square.best() - found.radius() > within) {
            open.add(square);
        }
        return off > found.radius() ? new Roundel(x, y, off) : found;
    }

    /** How far a point is from the nearest line; below 0 outside of the field. */
    private static double off(double x, double y, java.util.List<double[]> rings) {
        boolean inside = false;
        double nearest = Double.POSITIVE_INFINITY;
        for (double[] ring : rings) {
            double ax = ring[ring.length - 2];
            double ay = ring[ring.length - 1];
            for (int i = 0; i < ring.length; i += 2) {
                double bx = ring[i];
                double by = ring[i + 1];
                if (ay > y != by > y && x < (bx - ax) * (y - ay) / (by - ay) + ax) {
                    inside = !inside;
                }
                nearest = Math.min(nearest, Line2D.ptSegDistSq(ax, ay, bx, by, x, y));
                ax = bx;
                ay = by;
            }
        }
        return (inside ? 1 : -1) * Math.sqrt(nearest);
    }
}
