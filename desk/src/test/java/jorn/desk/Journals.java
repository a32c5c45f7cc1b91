package jorn.desk;

import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.List;
import jorn.book.Book;
import jorn.book.Furniture;
import jorn.book.Interior;
import jorn.book.MarginChoice;
import jorn.book.Starter;
import jorn.recipe.Recipe;
import jorn.store.RecipeFile;

/** Books with few runs, for tests of what is done to them. */
public final class Journals {
    private Journals() {}

    /** A title page, a page that says whose it is, and lined pages without numbers, inside the press's least margins. */
    public static Book lined() {
        Book whole = Starter.LINED_JOURNAL.begin();
        return few(whole, "title", "belongs-to", "lined");
    }

    /** Title, belongs to, weeks on two pages, notes. */
    public static Book weeks() {
        return few(Starter.WEEKLY_PLANNER.begin(), "title", "belongs-to", "week-left", "notes");
    }

    /** A design of before there were styles, with parts that have measures of their own. */
    public static Recipe earlierInspection() {
        try {
            return RecipeFile.read(Path.of(
                    Journals.class.getResource("/designs/inspection.json").toURI()));
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Book few(Book whole, String... designs) {
        Interior inside = whole.interior()
                .withRuns(whole.runs().stream()
                        .filter(r -> List.of(designs).contains(r.recipe().id()))
                        .toList())
                .withCycles(List.of())
                .withFurniture(Furniture.NONE)
                .withMargins(MarginChoice.NONE)
                .withPitch(java.util.Optional.empty());
        return whole.withInterior(inside);
    }
}
