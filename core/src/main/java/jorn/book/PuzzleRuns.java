package jorn.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Placement.Start;
import jorn.book.Run.Matter;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.run.PageUse.SolutionPlace;
import jorn.puzzle.run.Puzzles;
import jorn.puzzle.run.Solutions;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import jorn.say.Wording;

/**
 * What hangs together in a puzzle book: a run of puzzles, the page that explains how they are solved, and, where solutions are gathered at the
 * end, a page that opens them and the run that gathers them.
 */
public final class PuzzleRuns {
    private PuzzleRuns() {}

    /** The puzzles of a run, if it is one of puzzles. */
    public static Optional<Puzzles> of(Run run) {
        return run.source() instanceof Puzzles p ? Optional.of(p) : Optional.empty();
    }

    /** The page that explains a kind. */
    public static Recipe howTo(PuzzleRules rules) {
        return Recipes.explained(
                Wording.of("book.starter.how-solve-them"), "@how-to-solve-them", List.of(rules.howTo(), "@how-grades"));
    }

    /** A run of puzzles. */
    public static Run run(Puzzles puzzles) {
        return Run.from(puzzles, Wording.of("book.starter.puzzles"), Catalogue.recipe("puzzles"), Start.RECTO);
    }

    /** The page that opens the solutions, and the run that gathers them. */
    public static List<Run> solutions() {
        Run opening = Run.of(
                        Wording.of("book.starter.solutions"),
                        Recipes.part(Wording.of("book.starter.solutions"), "@solutions"),
                        1,
                        Start.RECTO)
                .as(Matter.BACK)
                .inContents(true);
        Run solved = Run.from(
                        new Solutions(0),
                        Wording.of("book.starter.solved-pages"),
                        Catalogue.recipe("puzzles"),
                        Start.ANYWHERE)
                .as(Matter.BACK);
        return List.of(opening, solved);
    }

    /**
     * The same book with other puzzles in a run; the page that explains them and the runs of solutions follow.
     *
     * @param index of a run of puzzles
     */
    public static Book with(Book book, int index, Puzzles now) {
        Optional<Recipe> before =
                of(book.runs().get(index)).map(p -> howTo(p.making().rules()));
        List<Run> runs = new ArrayList<>();
        for (Run run : book.runs()) {
            boolean explains = before.isPresent()
                    && run.recipe().root().equals(before.get().root());
            runs.add(explains ? run.withRecipe(howTo(now.making().rules())) : run);
        }
        runs.set(index, runs.get(index).withSource(now));
        return gathered(book.withRuns(runs), index);
    }

    /**
     * The same book with one more run of puzzles, with its solutions.
     *
     * @param at index that it gets, from 0 to the number of runs
     */
    public static Book adding(Book book, int at, Puzzles puzzles) {
        return gathered(RunOrder.insert(book, at, run(puzzles), false), at);
    }

    /** Puts the runs of solutions in where they are missing, and takes them out where nothing is gathered. */
    private static Book gathered(Book book, int index) {
        boolean wanted = book.runs().stream()
                .flatMap(r -> of(r).stream())
                .anyMatch(p -> p.use().solutions() == SolutionPlace.END);
        boolean there = book.runs().stream().anyMatch(PuzzleRuns::gathers);
        if (wanted == there) {
            return book;
        }
        Book now = book;
        if (wanted) {
            int at = index + 1;
            while (at < now.runs().size() && now.runs().get(at).matter() == Matter.BODY) {
                at++;
            }
            for (Run run : solutions()) {
                now = RunOrder.insert(now, at++, run, false);
            }
            return now;
        }
        for (int i = now.runs().size() - 1; i >= 0; i--) {
            if (gathers(now.runs().get(i))) {
                now = RunOrder.remove(now, i);
                boolean opened = i > 0
                        && now.runs()
                                .get(i - 1)
                                .recipe()
                                .root()
                                .equals(solutions().get(0).recipe().root());
                if (opened) {
                    now = RunOrder.remove(now, i - 1);
                }
            }
        }
        return now;
    }

    private static boolean gathers(Run run) {
        return run.source() instanceof Solutions;
    }
}
