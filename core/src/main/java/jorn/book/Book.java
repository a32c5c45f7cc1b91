package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.function.UnaryOperator;
import jorn.calendar.CalendarChoice;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.page.Palette;
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
        List<Cycle> cycles) {
    private static final int LONGEST_WORDS = 300;

    public Book {
        subtitle = subtitle == null ? "" : subtitle;
        margins = margins == null ? MarginChoice.NONE : margins;
        runs = List.copyOf(runs);
        blanksAt = blanksAt == null ? BlanksAt.END : blanksAt;
        plans = plans == null ? Plans.NONE : plans;
        palette = palette == null ? Palette.BLACK : palette;
        calendar = calendar == null ? CalendarChoice.UNDATED : calendar;
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
        return brief.bleed()
                || runs.stream()
                        .anyMatch(r -> r.recipe().reachesEdge()
                                || r.facing().filter(f -> f.reachesEdge()).isPresent());
    }

    /** The title, or a stand-in where there is none. */
    @JsonIgnore
    public String shownTitle() {
        return title.isBlank() ? "Untitled" : title.strip();
    }

    public Book withTitle(String t) {
        return new Book(
                t, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles);
    }

    public Book withSubtitle(String s) {
        return new Book(
                title, s, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette, calendar,
                cycles);
    }

    public Book withAuthor(String a) {
        return new Book(
                title, subtitle, a, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles);
    }

    public Book withBrief(Brief b) {
        return new Book(
                title, subtitle, author, kind, starter, b, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles);
    }

    public Book withType(TypeChoice t) {
        return new Book(
                title, subtitle, author, kind, starter, brief, t, margins, runs, cover, blanksAt, plans, palette,
                calendar, cycles);
    }

    public Book withMargins(MarginChoice m) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, m, runs, cover, blanksAt, plans, palette, calendar,
                cycles);
    }

    public Book withRuns(List<Run> r) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, r, cover, blanksAt, plans, palette,
                calendar, cycles);
    }

    public Book withCover(CoverDesign c) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, c, blanksAt, plans, palette,
                calendar, cycles);
    }

    public Book withBlanksAt(BlanksAt b) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, b, plans, palette, calendar,
                cycles);
    }

    public Book withPlans(Plans p) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, p, palette,
                calendar, cycles);
    }

    public Book withPalette(Palette p) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, p, calendar,
                cycles);
    }

    public Book withCalendar(CalendarChoice c) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette, c,
                cycles);
    }

    public Book withCycles(List<Cycle> c) {
        return new Book(
                title, subtitle, author, kind, starter, brief, type, margins, runs, cover, blanksAt, plans, palette,
                calendar, c);
    }

    /** The same book with one run's recipe changed. */
    public Book withRecipe(int run, UnaryOperator<Recipe> change) {
        List<Run> now = new java.util.ArrayList<>(runs);
        now.set(run, runs.get(run).withRecipe(change.apply(runs.get(run).recipe())));
        return withRuns(now);
    }
}
