package jorn.puzzle.run;

import java.util.List;
import jorn.content.Gathering;
import jorn.content.Pending;

/**
 * A page of solutions.
 *
 * @param puzzles those that are solved here, in order; none on the page that faces the first puzzle
 * @param places how many there is room for
 * @param use how they stand there
 * @param gathered whether they are small ones of a run of solutions
 */
public record SolutionPage(List<PuzzleRef> puzzles, int places, PageUse use, boolean gathered)
        implements Gathering, Pending {
    public SolutionPage {
        puzzles = List.copyOf(puzzles);
    }

    @Override
    public List<PuzzleRef.Solved> parts() {
        return puzzles.stream().map(PuzzleRef::solved).toList();
    }

    @Override
    public void await() {
        puzzles.forEach(PuzzleRef::await);
    }
}
