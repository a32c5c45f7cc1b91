package jorn.book;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import jorn.layout.Node;
import jorn.layout.PartSettings;
import jorn.recipe.Recipe;
import jorn.say.BookWords;

/** The year on the copyright page: that in which the book was begun, set once, so that it stays what it was. */
final class Copyright {
    private static final String YEAR = "{year.made}";

    private Copyright() {}

    /** The book with the year in place of its field. */
    static Book dated(Book book) {
        String year = Integer.toString(LocalDate.now(ZoneId.systemDefault()).getYear());
        List<Run> runs = book.runs().stream()
                .map(r -> r.withRecipe(dated(r.recipe(), year, book.calendar().language())))
                .toList();
        return book.withRuns(runs);
    }

    private static Recipe dated(Recipe recipe, String year, String language) {
        return recipe.map(node -> PartSettings.words(node)
                .filter(w -> w.value() instanceof String text
                        && BookWords.resolved(language, text).contains(YEAR))
                .map(w -> PartSettings.with(
                        node,
                        w.id(),
                        BookWords.resolved(language, (String) w.value()).replace(YEAR, year)))
                .map(Node.class::cast)
                .orElse(node));
    }
}
