package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Optional;
import jorn.calendar.Span;
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
 * @param per once for each day, week or month of the stretch that it lies in; with a count, always that many
 * @param facing another design for the page that faces the first one of each pair
 * @param items once for each of these words; empty for none
 * @param bareBack whether the back of each page stays bare
 */
public record Run(
        @Required String name,
        @Required Recipe recipe,
        Optional<Integer> count,
        @Required Start start,
        Matter matter,
        Optional<Span> per,
        Optional<Recipe> facing,
        List<String> items,
        boolean bareBack) {
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
        items = items == null ? List.of() : List.copyOf(items);
        if (count.isPresent() && (count.get() < 1 || count.get() > Brief.MOST_PAGES)) {
            throw Trouble.of(
                    "The run “" + name + "” cannot have " + count.get() + " pages.",
                    "Choose 1 to " + Brief.MOST_PAGES + ".");
        }
    }

    public static Run of(String name, Recipe recipe, int count, Start start) {
        return new Run(
                name,
                recipe,
                Optional.of(count),
                start,
                Matter.BODY,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                false);
    }

    /** A run that fills the book up to its page count. */
    public static Run filling(String name, Recipe recipe, Start start) {
        return new Run(
                name,
                recipe,
                Optional.empty(),
                start,
                Matter.BODY,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                false);
    }

    @JsonIgnore
    public boolean isFilling() {
        return count.isEmpty() && per.isEmpty() && items.isEmpty();
    }

    public Run withRecipe(Recipe r) {
        return new Run(name, r, count, start, matter, per, facing, items, bareBack);
    }

    public Run withName(String n) {
        return new Run(n, recipe, count, start, matter, per, facing, items, bareBack);
    }

    public Run withCount(Optional<Integer> c) {
        return new Run(name, recipe, c, start, matter, per, facing, items, bareBack);
    }

    public Run withStart(Start s) {
        return new Run(name, recipe, count, s, matter, per, facing, items, bareBack);
    }

    public Run as(Matter m) {
        return new Run(name, recipe, count, start, m, per, facing, items, bareBack);
    }

    /** A run with a page, or a pair of pages, for each day, week or month. */
    public static Run per(Span span, String name, Recipe recipe, Start start) {
        return new Run(
                name,
                recipe,
                Optional.empty(),
                start,
                Matter.BODY,
                Optional.of(span),
                Optional.empty(),
                List.of(),
                false);
    }

    /** The same with another design on the facing page. */
    public Run facing(Recipe other) {
        return new Run(name, recipe, count, start, matter, per, Optional.of(other), items, bareBack);
    }

    public Run withItems(List<String> words) {
        return new Run(name, recipe, count, start, matter, per, facing, words, bareBack);
    }

    public Run withBareBack(boolean bare) {
        return new Run(name, recipe, count, start, matter, per, facing, items, bare);
    }

    /** The design of a page of the run: 0 for the first of a pair, 1 for the facing one. */
    public Recipe design(int which) {
        return which == 1 ? facing.orElse(recipe) : recipe;
    }
}
