package jorn.book;

import java.util.List;
import java.util.Optional;
import jorn.press.MarginSchool;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.style.PageStyle;

/**
 * Dresses books in styles. A book of the time before there were styles also takes a pitch, designed margins unless it has some of
 * its own, and today's designs in place of those of the catalogue; designs that are not in the catalogue stay as they are.
 */
public final class Renewal {
    private Renewal() {}

    /** Whether a book is of the time before there were styles. */
    public static boolean isNeeded(Book book) {
        return book.look().style().isEmpty();
    }

    /** The book in a style. */
    public static Book in(Book book, PageStyle style) {
        return isNeeded(book) ? renewed(book).inStyle(style) : book.inStyle(style);
    }

    private static Book renewed(Book book) {
        List<Run> runs = book.runs().stream().map(Renewal::renewed).toList();
        MarginChoice margins = book.margins().equals(MarginChoice.NONE)
                ? MarginChoice.ofSchool(Optional.of(MarginSchool.DESIGNED))
                : book.margins();
        return book.withRuns(runs)
                .withMargins(margins)
                .onPitch(Specimen.pitch(book.brief().trim()));
    }

    private static Run renewed(Run run) {
        Run now = run.withRecipe(today(run.recipe()));
        return now.facing(now.facing().map(Renewal::today));
    }

    private static Recipe today(Recipe recipe) {
        Optional<Recipe> known = Catalogue.find(recipe.id()).map(Catalogue.Entry::recipe);
        // The user's own ruling stays.
        return known.map(k -> recipe.ruling().map(k::withRuling).orElse(k)).orElse(recipe);
    }
}
