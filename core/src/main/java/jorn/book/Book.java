package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import jorn.art.Palette;
import jorn.art.Picture;
import jorn.book.Pagination.Slot;
import jorn.calendar.CalendarChoice;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.recipe.Recipe;

/**
 * A book and all that the user decides about it. A value: every change makes another book, so undo is the previous one.
 *
 * @param title may be empty while the book has none
 * @param subtitle may be empty
 * @param author as it stands on the cover; may be empty
 * @param kind what it is, in a few words: "lined journal"
 * @param starter id of the starter that it began as
 * @param brief trim, pages, paper, binding, press
 * @param type the typefaces
 * @param margins margins of the user's own
 * @param runs what the inside is made of, in order; at least one
 * @param cover how the cover is designed
 * @param blanksAt where blanks go that the press's page count asks for
 * @param plans prices, work and batches that the user reckons with
 * @param palette the colours of its pages
 * @param calendar decisions about dates
 * @param cycles which runs are repeated together, and how often
 * @param furniture page numbers and running heads
 * @param pictures the pictures that were brought in, by id
 */
public record Book(
        @Required String title,
        String subtitle,
        @Required String author,
        @Required String kind,
        @Required String starter,
        @Required Brief brief,
        @Required TypeChoice type,
        MarginChoice margins,
        @Required List<Run> runs,
        @Required CoverDesign cover,
        BlanksAt blanksAt,
        Plans plans,
        Palette palette,
        CalendarChoice calendar,
        List<Cycle> cycles,
        Furniture furniture,
        Map<String, Picture> pictures) {
    private static final int LONGEST_WORDS = 300;

    public Book {
        subtitle = subtitle == null ? "" : subtitle;
        margins = margins == null ? MarginChoice.NONE : margins;
        runs = List.copyOf(runs);
        blanksAt = blanksAt == null ? BlanksAt.END : blanksAt;
        plans = plans == null ? Plans.NONE : plans;
        palette = palette == null ? Palette.BLACK : palette;
        calendar = calendar == null ? CalendarChoice.UNDATED : calendar;
        furniture = furniture == null ? Furniture.NONE : furniture;
        pictures = pictures == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(pictures));
        int runCount = runs.size();
        cycles = cycles == null
                ? List.of()
                : cycles.stream().filter(c -> c.to() <= runCount).toList();
        if (runs.isEmpty()) {
            throw Trouble.of("The book has no pages.", "Give it at least one run of pages.");
        }
        for (String words : List.of(title, subtitle, author)) {
            if (words.length() > LONGEST_WORDS) {
                throw Trouble.of(
                        "A title, subtitle or author of " + words.length() + " letters is too long.",
                        "Use at most " + LONGEST_WORDS + ".");
            }
        }
    }

    /** Whether the file needs bleed: because anything runs off the page, or because the user asks for it. */
    @JsonIgnore
    public boolean bleeds() {
        return brief.bleed() || runs.stream().anyMatch(Run::reachesEdge);
    }

    /** The title, or a stand-in where there is none. */
    @JsonIgnore
    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title.strip();
    }

    public Book withTitle(String now) {
        return new Book(
                now, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withSubtitle(String now) {
        return new Book(
                title, now, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withAuthor(String now) {
        return new Book(
                title, subtitle, now, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withBrief(Brief now) {
        return new Book(
                title, subtitle, author, kind, starter, now, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withType(TypeChoice now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, now, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withMargins(MarginChoice now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, now, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withRuns(List<Run> now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, now, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withCover(CoverDesign now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, now, blanksAt, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withBlanksAt(BlanksAt now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, now, plans, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withPlans(Plans now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, now, palette,
                calendar, cycles, furniture, pictures);
    }

    public Book withPalette(Palette now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, now,
                calendar, cycles, furniture, pictures);
    }

    public Book withCalendar(CalendarChoice now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                now, cycles, furniture, pictures);
    }

    public Book withCycles(List<Cycle> now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, now, furniture, pictures);
    }

    public Book withFurniture(Furniture now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, now, pictures);
    }

    public Book withPictures(Map<String, Picture> now) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles, furniture, now);
    }

    /** The same book with a run changed. */
    public Book withRun(int index, UnaryOperator<Run> change) {
        List<Run> now = new ArrayList<>(runs);
        now.set(index, change.apply(runs.get(index)));
        return withRuns(now);
    }

    /** The same book with one run's recipe changed. */
    public Book withRecipe(int run, UnaryOperator<Recipe> change) {
        return withRun(run, r -> r.withRecipe(change.apply(r.recipe())));
    }

    /** The same book with one more picture. */
    public Book with(Picture picture) {
        Map<String, Picture> now = new TreeMap<>(pictures);
        now.put(picture.id(), picture);
        return withPictures(now);
    }

    /**
     * The design of a page.
     *
     * @param slot of a page that is not blank
     */
    public Recipe recipeOf(Slot slot) {
        Run run = runs.get(slot.run());
        return exceptionOf(slot).orElseGet(() -> run.design(slot.design()));
    }

    /** The design that this page has to itself, apart from its run's. */
    public Optional<Recipe> exceptionOf(Slot slot) {
        Map<String, Recipe> exceptions = runs.get(slot.run()).exceptions();
        return exceptions.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(exceptions.get(slot.key(calendar.weeks())));
    }

    /** What is equal for pages that have the same design: the run, which of its designs, or the page's own. */
    public String variantOf(Slot slot) {
        String own = exceptionOf(slot).isPresent() ? slot.key(calendar.weeks()) : Integer.toString(slot.design());
        return slot.run() + "/" + own;
    }
}
