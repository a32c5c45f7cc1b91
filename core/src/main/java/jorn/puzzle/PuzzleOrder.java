package jorn.puzzle;

import jorn.chance.Dice;

/**
 * What one puzzle of a run is made from.
 *
 * @param grade how hard
 * @param seed of its own; another one makes another puzzle
 * @param turn which one of all of its run it is, from 0: lists of words and shapes are dealt out by it
 * @param runSeed the seed of all of its run
 * @param exchanged whether its seed is another one than the run's gives it
 */
public record PuzzleOrder(Grade grade, long seed, int turn, long runSeed, boolean exchanged) {
    /**
     * The order of a puzzle that nobody has exchanged.
     *
     * @param place which one of its grade it is, from 0
     * @param turn which one of all of its run, from 0
     */
    public static PuzzleOrder of(Grade grade, long runSeed, int place, int turn) {
        return new PuzzleOrder(grade, Dice.seed(runSeed, grade.number(), place), turn, runSeed, false);
    }

    /** The same with another seed of its own. */
    public PuzzleOrder seeded(long other) {
        return other == seed ? this : new PuzzleOrder(grade, other, turn, runSeed, true);
    }

    /** Chance for one of the tries that it takes. */
    public Dice dice(int attempt) {
        return Dice.of(Dice.seed(seed, attempt));
    }
}
