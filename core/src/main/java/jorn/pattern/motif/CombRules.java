package jorn.pattern.motif;

import java.util.Map;
import java.util.function.Consumer;

/** Motifs of the hive, and stars. */
final class CombRules {
    private CombRules() {}

    static void into(Map<String, Consumer<MotifPen>> all) {
        all.put("cell", p -> p.bold()
                .polygon(6, 0.96, 0)
                .plain()
                .polygon(6, 0.66, 0)
                .fine()
                .polygon(6, 0.34, 0)
                .round(3, 0, q -> q.line(0, -0.96, 0, -0.66)));
        all.put("comb", p -> p.bold()
                .round(3, 0, q -> q.placed(0, -0.5, 30, 0.5, r -> r.polygon(6, 0.94, 0)))
                .fine()
                .round(3, 0, q -> q.circle(0, -0.5, 0.24)));
        all.put("bee", p -> p.bold()
                .mirrored(0, -0.3, 0.22, -0.2, 0.32, 0.2, 0.2, 0.66, 0, 0.94)
                .circle(0, -0.5, 0.2)
                .plain()
                .both(q -> q.closed(-0.2, -0.12, -0.5, -0.5, -0.88, -0.42, -0.84, -0.1, -0.5, 0.06))
                .fine()
                .bend(-0.28, 0.06, 0, 0.14, 0.28, 0.06)
                .bend(-0.31, 0.32, 0, 0.42, 0.31, 0.32)
                .bend(-0.23, 0.58, 0, 0.66, 0.23, 0.58)
                .both(q -> q.bend(-0.08, -0.68, -0.12, -0.9, -0.28, -0.92)));
        all.put("honey-drop", p -> p.bold()
                .drop(0, -0.95, 180, 1.9, 1.2)
                .plain()
                .drop(0, -0.62, 180, 1.35, 0.76)
                .fine()
                .drop(0, -0.3, 180, 0.8, 0.36));
        all.put("wing", p -> p.bold()
                .closed(-0.2, 0.9, -0.62, 0.2, -0.5, -0.56, 0.06, -0.94, 0.5, -0.6, 0.4, 0.1)
                .fine()
                .bend(-0.2, 0.9, -0.3, 0, 0.06, -0.94)
                .bend(-0.2, 0.9, 0.1, 0.1, 0.47, -0.4)
                .bend(-0.27, 0.28, 0, 0.12, 0.18, 0.2)
                .bend(-0.24, -0.16, 0.1, -0.24, 0.28, -0.09));
        all.put("skep", p -> p.bold()
                .mirrored(0, -0.92, 0.34, -0.76, 0.62, -0.2, 0.72, 0.5, 0.7, 0.82, 0, 0.86)
                .fine()
                .bend(-0.44, -0.58, 0, -0.44, 0.44, -0.58)
                .bend(-0.62, -0.18, 0, 0, 0.62, -0.18)
                .bend(-0.69, 0.24, 0, 0.44, 0.69, 0.24)
                .plain()
                .closed(-0.18, 0.86, -0.16, 0.62, 0, 0.5, 0.16, 0.62, 0.18, 0.86));
        all.put("star-five", p -> p.bold()
                .star(5, 0.98, 0.44, 0)
                .plain()
                .star(5, 0.6, 0.27, 0)
                .fine()
                .round(5, 0, q -> q.line(0, -0.98, 0, -0.6))
                .circle(0, 0, 0.15));
        all.put("star-eight", p -> p.bold()
                .star(8, 0.98, 0.6, 0)
                .fine()
                .round(8, 0, q -> q.line(0, -0.98, 0, 0))
                .plain()
                .polygon(8, 0.6, 22.5));
        all.put("snow-crystal", p -> p.bold()
                .round(6, 0, q -> q.straight(-0.09, -0.2, -0.09, -0.86, 0, -0.98, 0.09, -0.86, 0.09, -0.2))
                .plain()
                .polygon(6, 0.3, 0)
                .round(6, 0, q -> q.both(r -> r.petal(-0.09, -0.42, -58, 0.36, 0.18, 0.5)))
                .fine()
                .polygon(6, 0.16, 0));
        all.put("sun", p -> p.bold()
                .circle(0, 0, 0.46)
                .plain()
                .round(12, 0, q -> q.petal(0, -0.46, 0, 0.5, 0.24, 0.3))
                .fine()
                .circle(0, 0, 0.3)
                .circle(0, 0, 0.12));
        all.put("moon", p -> p.bold()
                .closed(
                        0.42, -0.86, -0.16, -0.9, -0.72, -0.5, -0.86, 0.1, -0.56, 0.68, 0.02, 0.92, 0.52, 0.78, 0, 0.5,
                        -0.26, 0.02, -0.02, -0.52)
                .plain()
                .placed(0.42, 0, 10, 0.42, q -> q.star(5, 0.95, 0.42, 0))
                .fine()
                .bend(-0.54, -0.6, -0.7, 0.2, -0.1, 0.78));
    }
}
