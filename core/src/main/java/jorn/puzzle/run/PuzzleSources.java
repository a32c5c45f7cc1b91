package jorn.puzzle.run;

import java.util.Map;
import jorn.content.Source;
import jorn.json.TypeFamily;

/** The sources of puzzle books. */
public final class PuzzleSources implements TypeFamily {
    @Override
    public Class<?> of() {
        return Source.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.of("puzzles", Puzzles.class, "solutions", Solutions.class);
    }
}
