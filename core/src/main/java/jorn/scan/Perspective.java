package jorn.scan;

/**
 * The projection that brings a box onto four corners: (x, y) becomes ((a·x + b·y + c) / (g·x + h·y + 1), (d·x + e·y + f) / (g·x + h·y + 1))
 * (Heckbert, Fundamentals of texture mapping and image warping, 1989, section 2.2.3).
 */
final class Perspective {
    private final double[] m;

    private Perspective(double[] m) {
        this.m = m;
    }

    /**
     * From a box of a width and height onto corners.
     *
     * @param q x and y of what becomes its left upper, right upper, right lower and left lower corner
     */
    static Perspective onto(double width, double height, double[] q) {
        double dx1 = q[2] - q[4];
        double dx2 = q[6] - q[4];
        double dx3 = q[0] - q[2] + q[4] - q[6];
        double dy1 = q[3] - q[5];
        double dy2 = q[7] - q[5];
        double dy3 = q[1] - q[3] + q[5] - q[7];
        double area = dx1 * dy2 - dx2 * dy1;
        double g = (dx3 * dy2 - dx2 * dy3) / area;
        double h = (dx1 * dy3 - dx3 * dy1) / area;
        return new Perspective(new double[] {
            (q[2] - q[0] + g * q[2]) / width,
            (q[6] - q[0] + h * q[6]) / height,
            q[0],
            (q[3] - q[1] + g * q[3]) / width,
            (q[7] - q[1] + h * q[7]) / height,
            q[1],
            g / width,
            h / height
        });
    }

    double x(double x, double y) {
        return (m[0] * x + m[1] * y + m[2]) / (m[6] * x + m[7] * y + 1);
    }

    double y(double x, double y) {
        return (m[3] * x + m[4] * y + m[5]) / (m[6] * x + m[7] * y + 1);
    }
}
