package jorn.desk.makeup;

import java.util.List;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.arithmetic.ArithmeticRules;
import jorn.puzzle.arithmetic.ArithmeticRules.Practice;
import jorn.puzzle.dots.DotRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.maze.MazeRules.MazeForm;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.sums.SumRules;
import jorn.puzzle.words.CrissCrossRules;
import jorn.puzzle.words.WordSearchRules;

/** The kinds of puzzles that are offered, each with its customary settings. */
final class PuzzleKinds {
    private static final int NINE = 9;
    private static final int SEVEN = 7;

    private PuzzleKinds() {}

    /** Those that are made of nobody's words. */
    static List<PuzzleRules> wordless() {
        return List.of(
                NumberRules.of(NINE),
                new SumRules(SEVEN),
                MazeRules.of(MazeForm.RECTANGLE),
                ArithmeticRules.of(Practice.ADD_AND_SUBTRACT),
                DotRules.customary());
    }

    /**
     * All kinds.
     *
     * @param words for those that are made of words
     */
    static List<PuzzleRules> all(List<String> words, String language) {
        return List.of(
                NumberRules.of(NINE),
                new SumRules(SEVEN),
                WordSearchRules.of(words, language),
                CrissCrossRules.of(words, language),
                MazeRules.of(MazeForm.RECTANGLE),
                ArithmeticRules.of(Practice.ADD_AND_SUBTRACT),
                DotRules.customary());
    }
}
