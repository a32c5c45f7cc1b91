package jorn.art;

/**
 * A move and a turn of art: (x, y) becomes (a·x + c·y + e, b·x + d·y + f).
 *
 * <p>The six numbers are in the order of PDF's transformation matrix (ISO 32000-1, 8.3.3).
 */
public record Turn(double a, double b, double c, double d, double e, double f) {
    /** Everything stays where it is. */
    public static final Turn NONE = new Turn(1, 0, 0, 1, 0, 0);

    /** Moved, not turned. */
    public static Turn move(double dx, double dy) {
        return new Turn(1, 0, 0, 1, dx, dy);
    }

    /** Turned a quarter clockwise about the origin, then moved: text so turned reads downward. */
    public static Turn quarterDown(double x, double y) {
        return new Turn(0, 1, -1, 0, x, y);
    }

    /** Turned a quarter anticlockwise about the origin, then moved: text so turned reads upward. */
    public static Turn quarterUp(double x, double y) {
        return new Turn(0, -1, 1, 0, x, y);
    }

    /** Turned about a point, in degrees clockwise. */
    public static Turn about(double x, double y, double degrees) {
        double angle = Math.toRadians(degrees);
        double c = Math.cos(angle);
        double s = Math.sin(angle);
        return new Turn(c, s, -s, c, x - c * x + s * y, y - s * x - c * y);
    }

    /** Enlarged about the origin, then moved. */
    public static Turn scale(double factor, double dx, double dy) {
        return new Turn(factor, 0, 0, factor, dx, dy);
    }

    /** This turn made after another one has been made. */
    public Turn after(Turn first) {
        return new Turn(
                a * first.a + c * first.b,
                b * first.a + d * first.b,
                a * first.c + c * first.d,
                b * first.c + d * first.d,
                x(first.e, first.f),
                y(first.e, first.f));
    }

    /**
     * The turn that undoes this one.
     *
     * @throws ArithmeticException where this one leaves no area
     */
    public Turn back() {
        double area = a * d - b * c;
        if (area == 0) {
            throw new ArithmeticException("no way back from " + this);
        }
        return new Turn(d / area, -b / area, -c / area, a / area, (c * f - d * e) / area, (b * e - a * f) / area);
    }

    /** How much larger areas become, as a factor of lengths: 1 where it only moves and turns. */
    public double enlarges() {
        return Math.sqrt(Math.abs(a * d - b * c));
    }

    /** The upright box round a box after the turn. */
    public Box of(Box box) {
        if (b == 0 && c == 0 && a == 1 && d == 1) {
            return e == 0 && f == 0 ? box : box.moved(e, f);
        }
        double[] xs = {
            x(box.x(), box.y()), x(box.right(), box.y()), x(box.x(), box.bottom()), x(box.right(), box.bottom())
        };
        double[] ys = {
            y(box.x(), box.y()), y(box.right(), box.y()), y(box.x(), box.bottom()), y(box.right(), box.bottom())
        };
        java.util.Arrays.sort(xs);
        java.util.Arrays.sort(ys);
        return Box.between(xs[0], ys[0], xs[3], ys[3]);
    }

    /** Where a point comes to lie: its distance from the left. */
    public double x(double px, double py) {
        return a * px + c * py + e;
    }

    /** Where a point comes to lie: its distance from the top. */
    public double y(double px, double py) {
        return b * px + d * py + f;
    }
}
