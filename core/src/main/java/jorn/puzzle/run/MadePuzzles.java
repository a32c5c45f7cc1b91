package jorn.puzzle.run;

import java.lang.ref.SoftReference;
import java.util.LinkedHashMap;
import java.util.Map;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;

/** Puzzles that were made before: where one of a run is exchanged, or a change is undone, the others are there at once. Let go of where memory is short. */
final class MadePuzzles {
    private static final int KEPT = 3000;

    private static final Map<Order, SoftReference<Puzzle>> MADE = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Order, SoftReference<Puzzle>> eldest) {
            return size() > KEPT;
        }
    };

    private record Order(PuzzleRules rules, PuzzleOrder order) {}

    private MadePuzzles() {}

    /**
     * The puzzle of an order.
     *
     * @throws jorn.measure.Trouble where there is none
     */
    static Puzzle of(PuzzleRules rules, PuzzleOrder order) {
        Order key = new Order(rules, order);
        synchronized (MADE) {
            SoftReference<Puzzle> known = MADE.get(key);
            Puzzle puzzle = known == null ? null : known.get();
            if (puzzle != null) {
                return puzzle;
            }
        }
        Puzzle fresh = rules.make(order);
        synchronized (MADE) {
            MADE.put(key, new SoftReference<>(fresh));
        }
        return fresh;
    }
}
