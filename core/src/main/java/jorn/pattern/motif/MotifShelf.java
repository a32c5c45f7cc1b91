package jorn.pattern.motif;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import jorn.measure.Trouble;

/** The motifs that ship, each drawn by a rule. */
public final class MotifShelf {
    private static final Map<String, Consumer<MotifPen>> RULES = new LinkedHashMap<>();
    private static final Map<String, List<MotifLine>> DRAWN = new ConcurrentHashMap<>();

    static {
        PetalRules.into(RULES);
        LeafRules.into(RULES);
        CombRules.into(RULES);
        KnotRules.into(RULES);
    }

    private MotifShelf() {}

    /** Their names, in the order in which they are shown. */
    public static List<String> names() {
        return List.copyOf(RULES.keySet());
    }

    public static boolean has(String name) {
        return RULES.containsKey(name);
    }

    /**
     * A motif's lines.
     *
     * @throws Trouble that lists the names, where there is none of that name
     */
    public static List<MotifLine> lines(String name) {
        Consumer<MotifPen> rule = RULES.get(name);
        if (rule == null) {
            throw Trouble.of("pattern.refused.no-such-motif", name, String.join(", ", names()));
        }
        return DRAWN.computeIfAbsent(name, n -> {
            MotifPen pen = new MotifPen();
            rule.accept(pen);
            return pen.lines();
        });
    }
}
