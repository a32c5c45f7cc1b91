package jorn.puzzle;

import java.util.List;
import java.util.Map;

/** One puzzle and its solution; a value. Each kind has a record of its own, which the block that draws it knows. */
public interface Puzzle {
    /** How hard it is. */
    Grade grade();

    /** The ids of the steps of reasoning that it needs, the easiest first; none in kinds that are not solved by reasoning. */
    List<String> techniques();

    /** What is equal for puzzles that are alike: after turning, mirroring or renaming, where that makes no other puzzle of it. */
    Object likeness();

    /** All of it for the command line: names and what JSON knows. */
    Map<String, Object> told();
}
