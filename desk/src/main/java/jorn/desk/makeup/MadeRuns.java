package jorn.desk.makeup;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.book.PuzzleRuns;
import jorn.chance.Dice;
import jorn.pattern.run.Patterns;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.run.Making;
import jorn.puzzle.run.PageUse;
import jorn.puzzle.run.Puzzles;
import jorn.recipe.Recipe;

/** Designs whose pages are made, puzzles and patterns: whoever puts one into a book wants a run of them, not a bare page. */
final class MadeRuns {
    private static final String PUZZLES = "puzzles";
    private static final String PATTERNS = "colouring";

    /** So many a run begins with (common practice); more are typed. */
    private static final int PUZZLE_COUNT = 40;

    private static final int PICTURE_COUNT = 20;

    private MadeRuns() {}

    /**
     * The book with a run of what a design shows; nothing for a design whose pages are not made.
     *
     * @param at index that the run gets
     */
    static Optional<Book> inserted(Book book, int at, Recipe design) {
        return switch (design.id()) {
            case PUZZLES -> {
                Making making = Making.of(another(book), PUZZLE_COUNT, Dice.freshSeed());
                yield Optional.of(PuzzleRuns.adding(book, at, new Puzzles(making, PageUse.CUSTOMARY)));
            }
            case PATTERNS -> Optional.of(PatternRuns.adding(book, at, Patterns.of(PICTURE_COUNT, Dice.freshSeed())));
            default -> Optional.empty();
        };
    }

    /** A kind that the book does not have yet and that needs nobody's words; the first of all where it has each. */
    private static PuzzleRules another(Book book) {
        Set<String> there = book.runs().stream()
                .flatMap(r -> PuzzleRuns.of(r).stream())
                .map(p -> p.making().rules().id())
                .collect(Collectors.toSet());
        List<PuzzleRules> all = PuzzleKinds.wordless();
        return all.stream().filter(r -> !there.contains(r.id())).findFirst().orElse(all.get(0));
    }
}
