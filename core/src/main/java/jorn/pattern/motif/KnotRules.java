package jorn.pattern.motif;

import java.util.Map;
import java.util.function.Consumer;

/** Motifs of bands, arcs and cut stones. */
final class KnotRules {
    private KnotRules() {}

    static void into(Map<String, Consumer<MotifPen>> all) {
        all.put("rings", p -> p.bold()
                .round(3, 0, q -> q.circle(0, -0.44, 0.52))
                .fine()
                .round(3, 0, q -> q.circle(0, -0.44, 0.36)));
        all.put("trefoil", p -> p.bold()
                .round(3, 0, q -> q.petal(0, 0.3, 0, 1.26, 0.9, 0.5))
                .fine()
                .round(3, 0, q -> q.petal(0, 0.02, 0, 0.84, 0.52, 0.5)));
        all.put("bow", p -> p.bold()
                .both(q -> q.closed(-0.1, 0, -0.5, -0.5, -0.92, -0.42, -0.92, 0.34, -0.5, 0.4))
                .circle(0, 0, 0.18)
                .plain()
                .both(q -> q.closed(-0.1, 0.15, -0.16, 0.52, -0.5, 0.9, -0.26, 0.86, -0.02, 0.6))
                .fine()
                .both(q -> q.bend(-0.17, -0.04, -0.5, -0.2, -0.72, -0.1).bend(-0.17, 0.05, -0.5, 0.12, -0.7, 0.16)));
        all.put("curl", p -> p.bold()
                .closed(
                        -0.86, 0.5, -0.5, 0.86, 0.3, 0.8, 0.86, 0.2, 0.7, -0.5, 0.14, -0.72, -0.36, -0.42, -0.3, 0.06,
                        0.06, 0.18, 0.24, -0.06, 0.02, -0.2, 0.3, -0.34, 0.5, 0, 0.3, 0.42, -0.16, 0.56, -0.52, 0.36)
                .fine()
                .bend(-0.6, 0.6, 0.6, 0.9, 0.66, -0.1));
        all.put("wave", p -> p.bold()
                .closed(
                        -0.95, 0.5, -0.6, -0.1, -0.1, -0.6, 0.46, -0.66, 0.8, -0.3, 0.66, 0.04, 0.4, -0.06, 0.3, -0.3,
                        0.12, 0, 0.4, 0.46, 0.95, 0.5, 0, 0.62)
                .fine()
                .open(-0.78, 0.24, -0.3, -0.2, 0.14, -0.44, 0.46, -0.42)
                .open(-0.5, 0.55, -0.2, 0.1, 0.13, -0.02));
        all.put("arches", p -> p.bold()
                .placed(0, 0.5, 0, 1, q -> q.arch(0.92))
                .plain()
                .placed(0, 0.5, 0, 1, q -> q.arch(0.66))
                .fine()
                .placed(0, 0.5, 0, 1, q -> q.arch(0.4))
                .circle(0, 0.3, 0.13));
        all.put("crescents", p -> p.bold()
                .circle(0, 0, 0.96)
                .plain()
                .circle(0, 0.24, 0.72)
                .fine()
                .circle(0, 0.44, 0.5)
                .circle(0, 0.6, 0.3));
        all.put("paisley", p -> p.bold()
                .closed(
                        0.5, -0.92, 0.1, -0.7, -0.5, -0.24, -0.74, 0.3, -0.44, 0.82, 0.14, 0.9, 0.6, 0.5, 0.62, 0.02,
                        0.3, -0.32, 0.3, -0.6)
                .plain()
                .closed(0.06, -0.36, -0.36, 0, -0.5, 0.36, -0.28, 0.66, 0.1, 0.68, 0.38, 0.4, 0.36, 0.06, 0.1, -0.1)
                .fine()
                .circle(-0.06, 0.32, 0.2)
                .circle(-0.06, 0.32, 0.09));
        all.put("gem", p -> p.bold()
                .straight(-0.5, -0.7, 0.5, -0.7, 0.92, -0.2, 0, 0.95, -0.92, -0.2)
                .fine()
                .line(-0.92, -0.2, 0.92, -0.2)
                .both(q -> q.line(-0.36, -0.2, -0.5, -0.7)
                        .line(-0.36, -0.2, 0, 0.95)
                        .line(-0.36, -0.2, 0, -0.7)));
        all.put("kite", p -> p.bold()
                .straight(0, -0.96, 0.62, -0.2, 0, 0.96, -0.62, -0.2)
                .plain()
                .straight(0, -0.6, 0.36, -0.16, 0, 0.5, -0.36, -0.16)
                .fine()
                .line(0, -0.96, 0, -0.6)
                .line(0, 0.5, 0, 0.96)
                .both(q -> q.line(-0.62, -0.2, -0.36, -0.16)));
        all.put("heart", p -> p.bold()
                .placed(0, 0, 0, 1, KnotRules::heart)
                .plain()
                .placed(0, 0.02, 0, 0.62, KnotRules::heart)
                .fine()
                .placed(0, 0.04, 0, 0.28, KnotRules::heart));
    }

    private static void heart(MotifPen pen) {
        pen.closed(
                0, 0.9, 0.5, 0.42, 0.88, -0.1, 0.86, -0.56, 0.5, -0.8, 0.14, -0.66, 0, -0.42, -0.14, -0.66, -0.5, -0.8,
                -0.86, -0.56, -0.88, -0.1, -0.5, 0.42);
    }
}
