package jorn.puzzle.number;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Predicate;
import jorn.chance.Dice;
import jorn.puzzle.Grade;
import jorn.puzzle.PuzzleOrder;

/**
 * Makes the givens of number placements: a full grid, from which squares are emptied as long as reasoning fills them again. So each has one
 * solution, and no step in it is harder than its grade.
 *
 * <p>In large grids the reasoning of the grade below is used first, until it fills no more; then that of the grade itself. Whatever is emptied
 * then needs it. A puzzle that has not exactly the grade that was asked for is thrown away.
 */
final class NumberMaker {
    /** So many full grids are begun for one puzzle; of the grades that a size has, hardly any needs more than a few dozen. */
    private static final int MOST_TRIES = 20_000;

    /** In grids up to this size whatever can be emptied is; in larger ones that would take long. */
    private static final int SMALL = 9;

    /** So many squares are emptied beyond the first that needs the grade. */
    private static final int MORE = 3;

    /** So much of a gentle puzzle is given, that it is not long; and of the next one. The others are given what they need. */
    private static final double GIVEN_OF_GENTLE = 0.42;

    private static final double GIVEN_OF_STEADY = 0.34;

    private final BoxGrid grid;
    private final boolean symmetric;
    private final int[] full;
    private final int[] givens;
    private final Dice dice;

    private NumberMaker(BoxGrid grid, boolean symmetric, Dice dice) {
        this.grid = grid;
        this.symmetric = symmetric;
        this.dice = dice;
        this.full = SolutionSearch.full(grid, dice);
        this.givens = full.clone();
    }

    /**
     * The givens of a puzzle.
     *
     * @return figures from 1, 0 for an empty square; nothing where none was found
     */
    static Optional<int[]> make(BoxGrid grid, boolean symmetric, PuzzleOrder order) {
        for (int attempt = 0; attempt < MOST_TRIES; attempt++) {
            NumberMaker maker = new NumberMaker(grid, symmetric, order.dice(attempt));
            if (maker.dig(order.grade())) {
                return Optional.of(maker.givens);
            }
        }
        return Optional.empty();
    }

    /** The last technique of a grade that Jorn's own puzzles may need. */
    static Technique hardest(Grade grade) {
        Technique last = Technique.LAST_SQUARE;
        for (Technique each : Technique.values()) {
            if (each != Technique.SUPPOSITION && !each.grade().isHarderThan(grade)) {
                last = each;
            }
        }
        return last;
    }

    private boolean dig(Grade grade) {
        if (grid.size() <= SMALL || grade == Grade.GENTLE) {
            // What has one solution at all mostly needs a chain, and trying is quicker than reasoning by chains.
            empty(grade == Grade.FIERCE ? this::hasOneSolution : by(grade), floor(grade), Integer.MAX_VALUE);
            return isOf(grade);
        }
        empty(by(Grade.of(grade.number() - 1)), floor(grade), Integer.MAX_VALUE);
        return empty(by(grade), 0, 1 + MORE) > 0 && isOf(grade);
    }

    private boolean hasOneSolution(int[] squares) {
        return SolutionSearch.solutions(grid, squares, 2).size() == 1;
    }

    private int floor(Grade grade) {
        return (int) Math.round(grid.cells()
                * switch (grade) {
                    case GENTLE -> GIVEN_OF_GENTLE;
                    case STEADY -> GIVEN_OF_STEADY;
                    default -> 0;
                });
    }

    private boolean isOf(Grade grade) {
        Reasoning all = Reasoning.of(grid, givens, Technique.CHAIN);
        return all.solved() && all.grade() == grade;
    }

    /** Whether reasoning up to a grade fills a grid. */
    private Predicate<int[]> by(Grade grade) {
        Technique hardest = hardest(grade);
        return g -> Reasoning.of(grid, g, hardest).solved();
    }

    /**
     * Empties squares in an order of chance.
     *
     * @param keep so many stay
     * @param most so many are emptied, or pairs of them
     * @return how many were
     */
    private int empty(Predicate<int[]> holds, int keep, int most) {
        int done = 0;
        int left = (int) Arrays.stream(givens).filter(g -> g > 0).count();
        for (int cell : dice.order(grid.cells())) {
            if (done >= most || left <= keep) {
                break;
            }
            int other = symmetric ? grid.opposite(cell) : cell;
            int figure = givens[cell];
            int opposite = givens[other];
            if (figure == 0) {
                continue;
            }
            givens[cell] = 0;
            givens[other] = 0;
            if (holds.test(givens)) {
                done++;
                left -= other == cell ? 1 : 2;
            } else {
                givens[cell] = figure;
                givens[other] = opposite;
            }
        }
        return done;
    }
}
