package jorn.puzzle.run;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import jorn.measure.Trouble;
import jorn.say.Label;

/**
 * How puzzles stand on their pages.
 *
 * @param perPage 1, 2, 4 or 6
 * @param large whether no square may be under 9 mm, for readers with weak eyes
 * @param solutions where they are shown
 * @param showGrade whether the grade stands beside each number
 * @param showSteps whether solutions say by which steps they are reached
 */
@RecordBuilder
public record PageUse(Integer perPage, boolean large, SolutionPlace solutions, boolean showGrade, boolean showSteps)
        implements PageUseBuilder.With {
    /** How many may stand on a page. */
    public static final List<Integer> PER_PAGE = List.of(1, 2, 4, 6);

    /** One to a page, solutions at the end. */
    public static final PageUse CUSTOMARY = new PageUse(1, false, SolutionPlace.END, true, false);

    /** Where solutions are shown. */
    public enum SolutionPlace {
        /** On the back of each page. */
        @Label("puzzle.solutions.back")
        BACK,
        /** Facing the next page of puzzles. */
        @Label("puzzle.solutions.facing")
        FACING,
        /** Gathered by a run of their own, small. */
        @Label("puzzle.solutions.end")
        END,
        /** Nowhere. */
        @Label("puzzle.solutions.none")
        NONE
    }

    public PageUse {
        perPage = perPage == null ? Integer.valueOf(1) : perPage;
        solutions = solutions == null ? SolutionPlace.END : solutions;
        if (!PER_PAGE.contains(perPage)) {
            throw Trouble.of("puzzle.run.per-page", perPage);
        }
    }
}
