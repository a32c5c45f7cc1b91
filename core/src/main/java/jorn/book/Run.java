package jorn.book;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.block.picture.Decoration;
import jorn.book.Placement.Start;
import jorn.calendar.Span;
import jorn.content.Dates;
import jorn.content.Filling;
import jorn.content.Items;
import jorn.content.Pages;
import jorn.content.Source;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/**
 * A stretch of pages that are made alike.
 *
 * @param name as people see it: "Lined pages"
 * @param matter whether it is front matter, body or back matter
 * @param designs what its pages look like
 * @param source what fills them, and so how many there are
 * @param inTurn words that come to its pages in turn, beside what the source gives; empty for none
 * @param placement where its pages may stand
 * @param listing how they are numbered and found
 * @param decorations what stands on each of its pages behind the design
 */
@RecordBuilder
public record Run(
        @Required String name,
        Matter matter,
        @Required Designs designs,
        @Required Source source,
        List<String> inTurn,
        Placement placement,
        Listing listing,
        List<Decoration> decorations)
        implements RunBuilder.With {
    /** The parts of a book. */
    public enum Matter {
        FRONT("front", "book.run.front-matter"),
        BODY("body", "book.run.body"),
        BACK("back", "book.run.back-matter");

        /** What files said of the body that were saved while the window spoke German. */
        private static final String EARLIER_BODY = "Hauptteil";

        private final String id;
        private final String key;

        Matter(String id, String key) {
            this.id = id;
            this.key = key;
        }

        /** What it is called in files. */
        @JsonValue
        public String id() {
            return id;
        }

        /** @throws Trouble where no part of a book is called so */
        @JsonCreator
        public static Matter of(String id) {
            return Arrays.stream(values())
                    .filter(m -> m.id.equals(id) || (m == BODY && EARLIER_BODY.equals(id)))
                    .findFirst()
                    .orElseThrow(() -> Trouble.of("book.run.no-such-matter", id));
        }

        /** What people call it, in the language that is spoken. */
        public String word() {
            return Wording.of(key);
        }
    }

    public Run {
        matter = matter == null ? Matter.BODY : matter;
        inTurn = inTurn == null ? List.of() : List.copyOf(inTurn);
        placement = placement == null ? Placement.at(Start.ANYWHERE) : placement;
        listing = listing == null ? Listing.CUSTOMARY : listing;
        decorations = decorations == null ? List.of() : List.copyOf(decorations);
        Optional<Integer> count = count(source);
        if (count.isPresent() && (count.get() < 1 || count.get() > Brief.MOST_PAGES)) {
            throw Trouble.of("book.run.run-cannot-have-pages", name, count.get(), Brief.MOST_PAGES);
        }
    }

    /** A run with the customary choices. */
    public static Run from(Source source, String name, Recipe recipe, Start start) {
        return new Run(
                name,
                Matter.BODY,
                Designs.of(recipe),
                source,
                List.of(),
                Placement.at(start),
                Listing.CUSTOMARY,
                List.of());
    }

    public static Run of(String name, Recipe recipe, int count, Start start) {
        return from(new Pages(count), name, recipe, start);
    }

    /** A run that fills the book up to its page count. */
    public static Run filling(String name, Recipe recipe, Start start) {
        return from(new Filling(), name, recipe, start);
    }

    /** A run with a page, or a pair of pages, for each day, week or month. */
    public static Run per(Span span, String name, Recipe recipe, Start start) {
        return from(new Dates(span, Optional.empty()), name, recipe, start);
    }

    private static Optional<Integer> count(Source source) {
        return source instanceof Pages p
                ? Optional.of(p.count())
                : source instanceof Dates d ? d.count() : Optional.empty();
    }

    /** How many pages, or how many times, where that is said. */
    public Optional<Integer> count() {
        return count(source);
    }

    /** For each of what stretch of the calendar, where it comes round by the calendar. */
    public Optional<Span> per() {
        return source instanceof Dates d ? Optional.of(d.per()) : Optional.empty();
    }

    /** The words that come to its pages: those that it is made for, or those that come in turn. */
    public List<String> items() {
        return source instanceof Items i ? i.words() : inTurn;
    }

    @JsonIgnore
    public boolean isFilling() {
        return source.isFilling();
    }

    /**
     * The same with so many pages, or coming round so many times; without a number it comes round by the calendar, or has a
     * page for each of its words, or fills the book.
     */
    public Run withCount(Optional<Integer> count) {
        if (source instanceof Dates d) {
            return withSource(new Dates(d.per(), count));
        }
        if (count.isPresent()) {
            return new Run(name, matter, designs, new Pages(count.get()), items(), placement, listing, decorations);
        }
        return items().isEmpty()
                ? withSource(new Filling())
                : withSource(new Items(items())).withInTurn(List.of());
    }

    /** The same, coming round by the calendar or not. */
    public Run withPer(Optional<Span> per) {
        Optional<Integer> now = count();
        List<String> words = items();
        Run bare = withInTurn(words);
        return per.isPresent()
                ? bare.withSource(new Dates(per.get(), now))
                : bare.withSource(new Filling()).withCount(now);
    }

    /** The same with other words; a run that otherwise fills the book gets a page for each of them. */
    public Run withItems(List<String> words) {
        if (source.isFilling() || source instanceof Items) {
            return words.isEmpty() ? withSource(new Filling()) : withSource(new Items(words));
        }
        return withInTurn(words);
    }

    /** What every page looks like. */
    public Recipe recipe() {
        return designs.main();
    }

    public Optional<Recipe> facing() {
        return designs.facing();
    }

    public Map<PageKey, Recipe> exceptions() {
        return designs.exceptions();
    }

    public Start start() {
        return placement.start();
    }

    public boolean bareBack() {
        return placement.bareBack();
    }

    public Numbering numbering() {
        return listing.numbering();
    }

    public boolean inContents() {
        return listing.inContents();
    }

    public Run withRecipe(Recipe recipe) {
        return withDesigns(designs.withMain(recipe));
    }

    public Run withStart(Start start) {
        return withPlacement(placement.withStart(start));
    }

    public Run as(Matter other) {
        return withMatter(other);
    }

    /** The same with another design on the facing page, or with none. */
    public Run facing(Optional<Recipe> other) {
        return withDesigns(designs.withFacing(other));
    }

    /** The same with another design on the facing page. */
    public Run facing(Recipe other) {
        return facing(Optional.of(other));
    }

    public Run withBareBack(boolean bare) {
        return withPlacement(placement.withBareBack(bare));
    }

    public Run numbered(Numbering numbering) {
        return withListing(listing.withNumbering(numbering));
    }

    /** The same, listed in the contents or not. */
    public Run inContents(boolean listed) {
        return withListing(listing.withInContents(listed));
    }

    public Run withExceptions(Map<PageKey, Recipe> exceptions) {
        return withDesigns(designs.withExceptions(exceptions));
    }

    /** The design of a page of the run: 0 for the first of a pair, 1 for the facing one. */
    public Recipe design(int which) {
        return designs.get(which);
    }

    /** The same run with the design of the first or the facing page changed. */
    public Run withDesign(int which, Recipe design) {
        return which == 1 ? facing(Optional.of(design)) : withRecipe(design);
    }

    /** Whether its settings let anything on its pages run off the trim. */
    public boolean reachesEdge() {
        return designs.all().stream().anyMatch(Recipe::reachesEdge)
                || decorations.stream().anyMatch(Decoration::reachesEdge);
    }
}
