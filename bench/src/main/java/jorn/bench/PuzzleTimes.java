package jorn.bench;

import jorn.book.Book;
import jorn.book.PuzzleRuns;
import jorn.book.Starter;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PuzzleSet;

/** How long puzzles take, and how large a book of them is. */
final class PuzzleTimes {
    /** Another one for each measurement, so that nothing is there already. */
    private static long seed = 7_000;

    private PuzzleTimes() {}

    /**
     * Makes number placements of all grades.
     *
     * @return in seconds
     */
    static double make(int size, int count) {
        long from = System.nanoTime();
        PuzzleSet.of(Making.of(NumberRules.of(size), count, seed++)).all();
        return (System.nanoTime() - from) / 1e9;
    }

    /** A book of so many number placements with their solutions. */
    static Book book(int count) {
        Book book = Starter.PUZZLE_BOOK.begin().withTitle("Winter Cluster").withAuthor("Skep & Sedge");
        for (int i = 0; i < book.runs().size(); i++) {
            var puzzles = PuzzleRuns.of(book.runs().get(i));
            if (puzzles.isPresent()) {
                return PuzzleRuns.with(book, i, puzzles.get().withMaking(Making.of(NumberRules.of(9), count, seed++)));
            }
        }
        throw new IllegalStateException("no puzzles");
    }
}
