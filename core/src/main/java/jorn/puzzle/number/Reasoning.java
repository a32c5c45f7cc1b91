package jorn.puzzle.number;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import jorn.puzzle.Grade;

/**
 * How a person would solve a grid: always by the easiest step that leads anywhere.
 *
 * @param techniques all steps that were needed, the easiest first
 * @param solved whether they lead to the end
 * @param figures what was reached: figures from 1, 0 for an empty square
 */
@SuppressWarnings("ArrayRecordComponent") // made here and read by nobody who would change it
record Reasoning(Set<Technique> techniques, boolean solved, int[] figures) {
    private static final List<Technique> ALL = List.of(Technique.values());

    /** Reasons as far as all techniques lead. */
    static Reasoning of(BoxGrid grid, int[] givens) {
        return of(grid, givens, Technique.SUPPOSITION);
    }

    /**
     * Reasons with the easier techniques.
     *
     * @param hardest the last that may be used
     */
    static Reasoning of(BoxGrid grid, int[] givens, Technique hardest) {
        Notes notes = new Notes(grid, givens);
        Set<Technique> used = EnumSet.noneOf(Technique.class);
        boolean led = true;
        while (led && !notes.isDone()) {
            led = false;
            for (Technique each : ALL) {
                if (each.compareTo(hardest) > 0) {
                    break;
                }
                if (each.take(notes)) {
                    used.add(each);
                    led = true;
                    break;
                }
            }
        }
        return new Reasoning(used, notes.isDone() && !notes.isWrong(), notes.figures());
    }

    /** The grade of the hardest step. */
    Grade grade() {
        return techniques.stream().map(Technique::grade).reduce(Grade.GENTLE, Grade::orHarder);
    }
}
