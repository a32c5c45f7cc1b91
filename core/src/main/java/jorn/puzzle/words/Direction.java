package jorn.puzzle.words;

import java.util.ArrayList;
import java.util.List;
import jorn.puzzle.Grade;
import jorn.say.Label;

/**
 * A way in which a word is read.
 *
 * @param across columns from letter to letter
 * @param down rows from letter to letter
 */
public record Direction(int across, int down) {
    /** Which ways words lie. */
    public enum Directions {
        /** Across and down in the two gentlest grades, then slanting, then all ways. */
        @Label("puzzle.directions.by-grade")
        BY_GRADE,
        @Label("puzzle.directions.across")
        ACROSS,
        @Label("puzzle.directions.across-down")
        ACROSS_AND_DOWN,
        @Label("puzzle.directions.slanting")
        SLANTING,
        @Label("puzzle.directions.all")
        ALL
    }

    private static final Direction RIGHT = new Direction(1, 0);
    private static final Direction DOWN = new Direction(0, 1);
    private static final List<Direction> SLANTS = List.of(new Direction(1, 1), new Direction(1, -1));

    Direction back() {
        return new Direction(-across, -down);
    }

    /** All eight. */
    static List<Direction> all() {
        return of(Directions.ALL, true, Grade.FIERCE);
    }

    /**
     * The ways of a puzzle.
     *
     * @param backwards whether each goes the other way too, where that is not the grade's affair
     */
    static List<Direction> of(Directions which, boolean backwards, Grade grade) {
        if (which == Directions.BY_GRADE) {
            return switch (grade) {
                case GENTLE -> List.of(RIGHT, DOWN);
                case STEADY -> of(Directions.SLANTING, false, grade);
                case TRICKY -> of(Directions.ACROSS_AND_DOWN, true, grade);
                default -> of(Directions.ALL, true, grade);
            };
        }
        List<Direction> all = new ArrayList<>(List.of(RIGHT));
        if (which != Directions.ACROSS) {
            all.add(DOWN);
        }
        if (which == Directions.SLANTING || which == Directions.ALL) {
            all.addAll(SLANTS);
        }
        if (backwards || which == Directions.ALL) {
            List.copyOf(all).forEach(d -> all.add(d.back()));
        }
        return all;
    }
}
