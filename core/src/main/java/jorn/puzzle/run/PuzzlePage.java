package jorn.puzzle.run;

import java.util.List;
import jorn.content.Gathering;
import jorn.content.Pending;

/**
 * A page of puzzles.
 *
 * @param puzzles in order
 * @param places how many there is room for; the last page may have fewer
 * @param use how they stand there
 */
public record PuzzlePage(List<PuzzleRef> puzzles, int places, PageUse use) implements Gathering, Pending {
    public PuzzlePage {
        puzzles = List.copyOf(puzzles);
    }

    @Override
    public List<PuzzleRef> parts() {
        return puzzles;
    }

    @Override
    public void await() {
        puzzles.forEach(PuzzleRef::await);
    }
}
