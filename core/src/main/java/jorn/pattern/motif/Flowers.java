package jorn.pattern.motif;

import java.util.List;

/** Small figures with so many turns and mirrors, one of them upright: they fill the gaps of patterns, and the rings of mandalas. */
public final class Flowers {
    /** How many kinds there are. */
    public static final int KINDS = 5;

    /** The kind that is a ring in a ring. */
    public static final int RING = 1;

    private Flowers() {}

    /**
     * A figure that so many turns leave as it is.
     *
     * @param order 1 to 24
     * @param kind from 0, below {@link #KINDS}
     */
    public static List<MotifLine> of(int order, int kind) {
        int arms = order == 1 ? 5 + kind % 3 : order < 5 ? order * (order < 4 ? 2 + kind % 2 : 2) : order;
        double step = Math.PI / arms;
        MotifPen p = new MotifPen();
        switch (kind) {
            case 0 -> p.plain()
                    .round(arms, 0, q -> q.petal(0, -0.26, 0, 0.7, Math.min(0.6, 1.5 * step), 0.5))
                    .circle(0, 0, 0.24)
                    .fine()
                    .circle(0, 0, 0.11);
            case RING -> p.bold()
                    .circle(0, 0, 0.94)
                    .plain()
                    .circle(0, 0, 0.62)
                    .fine()
                    .circle(0, 0, 0.3);
            case 2 -> p.plain().star(arms, 0.96, 0.5, 0).fine().circle(0, 0, 0.34);
            case 3 -> p.bold()
                    .circle(0, 0, 0.95)
                    .fine()
                    .round(arms, 0, q -> q.petal(0, -0.16, 0, 0.72, Math.min(0.5, 1.1 * step), 0.5))
                    .plain()
                    .circle(0, 0, 0.14);
            default -> p.plain()
                    .round(arms, 0, q -> q.drop(0, -0.2, 0, 0.76, Math.min(0.52, 1.3 * step)))
                    .fine()
                    .circle(0, 0, 0.16);
        }
        return p.lines();
    }
}
