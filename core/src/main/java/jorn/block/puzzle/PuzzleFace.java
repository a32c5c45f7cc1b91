package jorn.block.puzzle;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Flow;
import jorn.layout.StyledPen;
import jorn.puzzle.Puzzle;
import jorn.puzzle.arithmetic.SumSheet;
import jorn.puzzle.dots.DotPicture;
import jorn.puzzle.maze.Maze;
import jorn.puzzle.number.NumberPuzzle;
import jorn.puzzle.sums.SumPuzzle;
import jorn.puzzle.words.CrissCross;
import jorn.puzzle.words.WordSearch;

/** Draws the puzzles of one kind. */
interface PuzzleFace<P extends Puzzle> {
    /** What a face draws with. */
    record PuzzlePaper(StyledPen pen, Flow flow, boolean letters, boolean small) {
        double pitch() {
            return pen.step();
        }

        /** Many lines as one mark. */
        void lines(Path path, double weight, Role role) {
            pen.add(List.of(new Mark.Stroke(path, weight, flow.palette().lineInk(role, weight))));
        }
    }

    /**
     * Draws a puzzle.
     *
     * @param in its room
     * @param solved whether its solution is shown
     */
    void draw(P puzzle, Box in, boolean solved, PuzzlePaper sheet);

    /** Draws a puzzle of any kind. */
    static void drawAny(Puzzle puzzle, Box in, boolean solved, PuzzlePaper sheet) {
        if (puzzle instanceof NumberPuzzle p) {
            new NumberFace().draw(p, in, solved, sheet);
        } else if (puzzle instanceof SumPuzzle p) {
            new SumsFace().draw(p, in, solved, sheet);
        } else if (puzzle instanceof WordSearch p) {
            new WordSearchFace().draw(p, in, solved, sheet);
        } else if (puzzle instanceof CrissCross p) {
            new CrissCrossFace().draw(p, in, solved, sheet);
        } else if (puzzle instanceof Maze p) {
            new MazeFace().draw(p, in, solved, sheet);
        } else if (puzzle instanceof SumSheet p) {
            new ArithmeticFace().draw(p, in, solved, sheet);
        } else if (puzzle instanceof DotPicture p) {
            new DotFace().draw(p, in, solved, sheet);
        } else {
            throw new IllegalStateException("nothing draws " + puzzle.getClass());
        }
    }
}
