package jorn.layout;

import jorn.art.Path;

/** Outlines of signs that are ticked or marked. */
public final class Signs {
    private static final int TIPS = 5;
    private static final double INNER = 0.45;

    private Signs() {}

    /** A heart round a point. */
    public static Path heart(double cx, double cy, double r) {
        double top = cy - r * 0.45;
        return Path.builder()
                .move(cx, cy + r * 0.95)
                .curve(cx - r * 1.3, cy + r * 0.1, cx - r * 1.05, cy - r * 1.05, cx - r * 0.45, cy - r * 0.9)
                .curve(cx - r * 0.15, cy - r * 0.85, cx, top - r * 0.05, cx, top)
                .curve(cx, top - r * 0.05, cx + r * 0.15, cy - r * 0.85, cx + r * 0.45, cy - r * 0.9)
                .curve(cx + r * 1.05, cy - r * 1.05, cx + r * 1.3, cy + r * 0.1, cx, cy + r * 0.95)
                .close()
                .build();
    }

    /** A star round a point, one tip up. */
    public static Path star(double cx, double cy, double r) {
        Path.Builder b = Path.builder();
        for (int i = 0; i < TIPS * 2; i++) {
            double a = Math.PI * i / TIPS - Math.PI / 2;
            double at = i % 2 == 0 ? r : r * INNER;
            double x = cx + at * Math.cos(a);
            double y = cy + at * Math.sin(a);
            if (i == 0) {
                b.move(x, y);
            } else {
                b.line(x, y);
            }
        }
        return b.close().build();
    }
}
