package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import jorn.calendar.Span;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.recipe.Decoration;
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
 * @param numbering how its pages are numbered
 * @param inContents whether it is listed in the contents
 * @param decorations what stands on each of its pages behind the design
 * @param exceptions pages that have a design of their own, by {@link Pagination.Slot#key}
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
        boolean bareBack,
        Numbering numbering,
        boolean inContents,
        List<Decoration> decorations,
        Map<String, Recipe> exceptions) {
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
        numbering = numbering == null ? Numbering.CONTINUED : numbering;
        decorations = decorations == null ? List.of() : List.copyOf(decorations);
        exceptions = exceptions == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(exceptions));
        if (count.isPresent() && (count.get() < 1 || count.get() > Brief.MOST_PAGES)) {
            throw Trouble.of(
                    "The run “" + name + "” cannot have " + count.get() + " pages.",
                    "Choose 1 to " + Brief.MOST_PAGES + ".");
        }
    }

    /** A run with the customary choices. */
    private static Run plain(String name, Recipe recipe, Optional<Integer> count, Start start, Optional<Span> per) {
        return new Run(
                name,
                recipe,
                count,
                start,
                Matter.BODY,
                per,
                Optional.empty(),
                List.of(),
                false,
                Numbering.CONTINUED,
                false,
                List.of(),
                Map.of());
    }

    public static Run of(String name, Recipe recipe, int count, Start start) {
        return plain(name, recipe, Optional.of(count), start, Optional.empty());
    }

    /** A run that fills the book up to its page count. */
    public static Run filling(String name, Recipe recipe, Start start) {
        return plain(name, recipe, Optional.empty(), start, Optional.empty());
    }

    /** A run with a page, or a pair of pages, for each day, week or month. */
    public static Run per(Span span, String name, Recipe recipe, Start start) {
        return plain(name, recipe, Optional.empty(), start, Optional.of(span));
    }

    /** A run in the making, so that each change names nothing but what it changes. */
    private static final class Draft {
        private String name;
        private Recipe recipe;
        private Optional<Integer> count;
        private Start start;
        private Matter matter;
        private Optional<Span> per;
        private Optional<Recipe> facing;
        private List<String> items;
        private boolean bareBack;
        private Numbering numbering;
        private boolean inContents;
        private List<Decoration> decorations;
        private Map<String, Recipe> exceptions;

        private Draft(Run run) {
            name = run.name;
            recipe = run.recipe;
            count = run.count;
            start = run.start;
            matter = run.matter;
            per = run.per;
            facing = run.facing;
            items = run.items;
            bareBack = run.bareBack;
            numbering = run.numbering;
            inContents = run.inContents;
            decorations = run.decorations;
            exceptions = run.exceptions;
        }

        private Run done() {
            return new Run(
                    name,
                    recipe,
                    count,
                    start,
                    matter,
                    per,
                    facing,
                    items,
                    bareBack,
                    numbering,
                    inContents,
                    decorations,
                    exceptions);
        }
    }

    private Run with(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.done();
    }

    @JsonIgnore
    public boolean isFilling() {
        return count.isEmpty() && per.isEmpty() && items.isEmpty();
    }

    public Run withRecipe(Recipe r) {
        return with(d -> d.recipe = r);
    }

    public Run withName(String n) {
        return with(d -> d.name = n);
    }

    public Run withCount(Optional<Integer> c) {
        return with(d -> d.count = c);
    }

    public Run withStart(Start s) {
        return with(d -> d.start = s);
    }

    public Run as(Matter m) {
        return with(d -> d.matter = m);
    }

    public Run withPer(Optional<Span> p) {
        return with(d -> d.per = p);
    }

    /** The same with another design on the facing page, or with none. */
    public Run facing(Optional<Recipe> other) {
        return with(d -> d.facing = other);
    }

    /** The same with another design on the facing page. */
    public Run facing(Recipe other) {
        return facing(Optional.of(other));
    }

    public Run withItems(List<String> words) {
        return with(d -> d.items = words);
    }

    public Run withBareBack(boolean bare) {
        return with(d -> d.bareBack = bare);
    }

    public Run numbered(Numbering n) {
        return with(d -> d.numbering = n);
    }

    /** The same, listed in the contents or not. */
    public Run inContents(boolean listed) {
        return with(d -> d.inContents = listed);
    }

    public Run withDecorations(List<Decoration> all) {
        return with(d -> d.decorations = all);
    }

    public Run withExceptions(Map<String, Recipe> e) {
        return with(d -> d.exceptions = e);
    }

    /** The design of a page of the run: 0 for the first of a pair, 1 for the facing one. */
    public Recipe design(int which) {
        return which == 1 ? facing.orElse(recipe) : recipe;
    }

    /** The same run with the design of the first or the facing page changed. */
    public Run withDesign(int which, Recipe design) {
        return which == 1 ? facing(Optional.of(design)) : withRecipe(design);
    }

    /** All designs that its pages have. */
    @JsonIgnore
    public List<Recipe> designs() {
        List<Recipe> all = new ArrayList<>();
        all.add(recipe);
        facing.ifPresent(all::add);
        all.addAll(exceptions.values());
        return all;
    }

    /** Whether anything on its pages runs off the trim. */
    @JsonIgnore
    public boolean reachesEdge() {
        return designs().stream().anyMatch(Recipe::reachesEdge)
                || decorations.stream().anyMatch(Decoration::reachesEdge);
    }
}
