package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.recipe.Recipe;

/**
 * A stretch of pages made by one recipe.
 *
 * @param name as people see it: "Lined pages"
 * @param recipe what every page of it looks like
 * @param count how many pages; absent to fill the book up to its page count
 * @param start on which side it begins
 * @param matter whether it is front matter, body or back matter
 */
public record Run(
        @Required String name, @Required Recipe recipe, Optional<Integer> count, @Required Start start, Matter matter) {
    /** The parts of a book. */
    public enum Matter {
        FRONT("front", "front matter"),
        BODY("body", "body"),
        BACK("back", "back matter");

        private final String id;
        private final String word;

        Matter(String id, String word) {
            this.id = id;
            this.word = word;
        }

        @JsonValue
        public String id() {
            return id;
        }

        public String word() {
            return word;
        }
    }

    /** Where a run may begin. A blank is put before it where needed. */
    public enum Start {
        ANYWHERE("anywhere"),
        RECTO("recto"),
        VERSO("verso");

        private final String id;

        Start(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public Run {
        matter = matter == null ? Matter.BODY : matter;
        if (count.isPresent() && (count.get() < 1 || count.get() > Brief.MOST_PAGES)) {
            throw Trouble.of(
                    "The run “" + name + "” cannot have " + count.get() + " pages.",
                    "Choose 1 to " + Brief.MOST_PAGES + ".");
        }
    }

    public static Run of(String name, Recipe recipe, int count, Start start) {
        return new Run(name, recipe, Optional.of(count), start, Matter.BODY);
    }

    /** A run that fills the book up to its page count. */
    public static Run filling(String name, Recipe recipe, Start start) {
        return new Run(name, recipe, Optional.empty(), start, Matter.BODY);
    }

    @JsonIgnore
    public boolean isFilling() {
        return count.isEmpty();
    }

    public Run withRecipe(Recipe r) {
        return new Run(name, r, count, start, matter);
    }

    public Run withName(String n) {
        return new Run(n, recipe, count, start, matter);
    }

    public Run withCount(Optional<Integer> c) {
        return new Run(name, recipe, c, start, matter);
    }

    public Run withStart(Start s) {
        return new Run(name, recipe, count, s, matter);
    }

    public Run as(Matter m) {
        return new Run(name, recipe, count, start, m);
    }
}
