package jorn.puzzle.run;

import java.util.LinkedHashMap;
import java.util.Map;
import jorn.json.TypeFamily;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.arithmetic.ArithmeticRules;
import jorn.puzzle.dots.DotRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.sums.SumRules;
import jorn.puzzle.words.CrissCrossRules;
import jorn.puzzle.words.WordSearchRules;

/** The kinds of puzzles. */
public final class PuzzleFamily implements TypeFamily {
    @Override
    public Class<?> of() {
        return PuzzleRules.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        Map<String, Class<?>> all = new LinkedHashMap<>();
        all.put("number", NumberRules.class);
        all.put("sums", SumRules.class);
        all.put("word-search", WordSearchRules.class);
        all.put("criss-cross", CrissCrossRules.class);
        all.put("maze", MazeRules.class);
        all.put("arithmetic", ArithmeticRules.class);
        all.put("dots", DotRules.class);
        return all;
    }
}
