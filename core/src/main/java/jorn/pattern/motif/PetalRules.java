package jorn.pattern.motif;

import java.util.Map;
import java.util.function.Consumer;

/** Motifs of petals. */
final class PetalRules {
    private PetalRules() {}

    static void into(Map<String, Consumer<MotifPen>> all) {
        all.put("petal", p -> p.bold()
                .petal(0, 0.95, 0, 1.9, 1.5, 0.55)
                .plain()
                .petal(0, 0.95, 0, 1.35, 0.9, 0.5)
                .fine()
                .line(0, 0.95, 0, 0.05)
                .circle(0, -0.58, 0.1));
        all.put("petal-pair", p -> p.bold()
                .petal(0, 0.9, -24, 1.8, 1.05, 0.5)
                .petal(0, 0.9, 24, 1.8, 1.05, 0.5)
                .fine()
                .petal(0, 0.9, -24, 1.2, 0.5, 0.5)
                .petal(0, 0.9, 24, 1.2, 0.5, 0.5));
        all.put("tulip", p -> p.bold()
                .closed(
                        0, 0.95, 0.55, 0.6, 0.72, 0, 0.66, -0.75, 0.36, -0.35, 0, -0.8, -0.36, -0.35, -0.66, -0.75,
                        -0.72, 0, -0.55, 0.6)
                .plain()
                .petal(0, 0.75, 0, 1.55, 0.9, 0.5)
                .fine()
                .bend(0, 0.75, -0.06, 0.1, 0, -0.3)
                .both(q -> q.bend(-0.3, 0.55, -0.52, 0, -0.44, -0.32)));
        all.put("bud", p -> p.bold()
                .drop(0, 0.55, 0, 1.5, 1.05)
                .plain()
                .both(q -> q.petal(0, 0.9, -42, 0.95, 0.5, 0.5))
                .fine()
                .both(q -> q.bend(0, 0.55, -0.3, -0.2, 0, -0.95))
                .line(0, 0.55, 0, -0.3));
        all.put("five-petals", p -> p.bold()
                .round(5, 0, q -> q.drop(0, -0.2, 0, 0.8, 0.72))
                .plain()
                .circle(0, 0, 0.2)
                .fine()
                .round(5, 0, q -> q.drop(0, -0.2, 0, 0.5, 0.32))
                .circle(0, 0, 0.1));
        all.put("daisy", p -> p.plain()
                .round(9, 0, q -> q.petal(0, -0.3, 0, 0.7, 0.42, 0.55))
                .bold()
                .circle(0, 0, 0.3)
                .fine()
                .round(6, 0, q -> q.circle(0, -0.17, 0.07))
                .circle(0, 0, 0.07));
        all.put("lotus", p -> p.bold()
                .petal(0, 0.7, 0, 1.65, 0.85, 0.5)
                .plain()
                .both(q -> q.petal(0, 0.7, -33, 1.4, 0.7, 0.5).petal(0, 0.7, -66, 1.15, 0.6, 0.5))
                .fine()
                .petal(0, 0.7, 0, 1.1, 0.42, 0.5)
                .both(q -> q.petal(0, 0.7, -66, 0.75, 0.26, 0.5)));
        all.put("clover", p -> p.bold()
                .round(
                        3,
                        0,
                        q -> q.closed(
                                0, -0.06, 0.34, -0.38, 0.46, -0.72, 0.22, -0.92, 0, -0.74, -0.22, -0.92, -0.46, -0.72,
                                -0.34, -0.38))
                .plain()
                .bend(0, 0, 0.1, 0.45, 0.3, 0.9)
                .fine()
                .round(3, 0, q -> q.line(0, 0, 0, -0.55)));
        all.put("pansy", p -> p.bold()
                .circle(-0.42, -0.38, 0.46)
                .circle(0.42, -0.38, 0.46)
                .plain()
                .mirrored(0, -0.12, 0.34, -0.02, 0.66, 0.3, 0.48, 0.72, 0, 0.9)
                .fine()
                .circle(0, -0.02, 0.13)
                .both(q -> q.bend(-0.06, 0.1, -0.2, 0.3, -0.26, 0.6))
                .line(0, 0.11, 0, 0.66));
        all.put("crown-flower", p -> p.bold()
                .star(8, 1, 0.62, 0)
                .plain()
                .circle(0, 0, 0.56)
                .fine()
                .round(8, 0, q -> q.petal(0, -0.16, 0, 0.4, 0.22, 0.5))
                .circle(0, 0, 0.16));
    }
}
