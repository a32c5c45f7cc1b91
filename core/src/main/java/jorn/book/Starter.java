package jorn.book;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import jorn.art.Ink;
import jorn.art.Palette;
import jorn.block.paper.Ruling;
import jorn.book.Placement.Start;
import jorn.book.Run.Matter;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Span;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;

/** What a book can begin as: a whole book, ready to export, from which the user goes on. */
public enum Starter {
    LINED_JOURNAL(
            "lined-journal",
            "lined journal",
            "Lined pages behind a title page and a belongs-to page.",
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED, "C9A24A"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Belongs to", Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.filling("Lined pages", Recipes.lined(Ruling.customary()), Start.RECTO))),
    NOTEBOOK(
            "lined-notebook",
            "lined notebook",
            "Lined pages from the first to the last, nothing else.",
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED, "27496D"),
            () -> List.of(Run.filling("Lined pages", Recipes.lined(Ruling.customary()), Start.ANYWHERE))),
    WEEKLY_PLANNER(
            "weekly-planner",
            "weekly planner",
            "Each week on two pages, dated where dates are given.",
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED, "2F5D50"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Belongs to", Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.per(Span.WEEK, "Weeks", Catalogue.recipe("week-left"), Start.VERSO)
                            .facing(Catalogue.recipe("week-right")),
                    back("Notes", Catalogue.recipe("notes"), Start.ANYWHERE).withCount(Optional.of(4)))),
    DATED_PLANNER(
            "dated-planner",
            "dated planner",
            "The coming year: each month its calendar, its weeks on two pages, and notes.",
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED, "C9A24A"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Belongs to", Catalogue.recipe("belongs-to"), Start.RECTO),
                    front("Year", Catalogue.recipe("year"), Start.RECTO),
                    Run.of("Month", Catalogue.recipe("month"), 1, Start.RECTO),
                    Run.per(Span.WEEK, "Weeks", Catalogue.recipe("week-strips-left"), Start.VERSO)
                            .facing(Catalogue.recipe("week-strips-right")),
                    Run.of("Month's notes", Catalogue.recipe("month-notes"), 1, Start.ANYWHERE)),
            new Cycle("Each month", Span.MONTH, 3, 6, Optional.empty())),
    DAY_PLANNER(
            "day-planner",
            "day planner",
            "The coming year with a page for every day, between its months and weeks.",
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED, "B5533C"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    Run.of("Month", Catalogue.recipe("month"), 1, Start.RECTO),
                    Run.per(Span.WEEK, "Weeks", Catalogue.recipe("week"), Start.ANYWHERE),
                    Run.per(Span.DAY, "Days", Catalogue.recipe("day-slots"), Start.ANYWHERE)),
            new Cycle("Each month", Span.MONTH, 1, 4, Optional.empty())),
    UNDATED_PLANNER(
            "undated-planner",
            "undated planner",
            "Twelve months, each with five weeks and notes, to begin on any day.",
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED, "6B4C6E"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Belongs to", Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.of("Month", Catalogue.recipe("month-boxes"), 1, Start.RECTO),
                    Run.per(Span.WEEK, "Weeks", Catalogue.recipe("week-left"), Start.VERSO)
                            .facing(Catalogue.recipe("week-right")),
                    Run.of("Month's notes", Catalogue.recipe("month-notes"), 1, Start.ANYWHERE)),
            new Cycle("Each month", Span.MONTH, 2, 5, Optional.empty())),
    LOG_BOOK(
            "log-book",
            "log book",
            "The same log on every page; any design of the catalogue can take its place.",
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED, "7A8C5A"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Belongs to", Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.filling("Log pages", Catalogue.recipe("inspection"), Start.RECTO))),
    GRID_SKETCHBOOK(
            "grid-sketchbook",
            "grid sketchbook",
            "Squares of 10 mm, wide enough for felt pens, on every page.",
            new Usual("online", "8.5x11in", 120, "white", "black", Binding.GLUED, "3A3A3A"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    Run.filling("Squares", Catalogue.recipe("squared-10"), Start.RECTO))),
    PUZZLE_BOOK(
            "puzzle-book",
            "puzzle book",
            "Large pages for puzzles, solutions at the end. The puzzle pages are bare so far.",
            new Usual("online", "8.5x11in", 120, "white", "black", Binding.GLUED, "6B4C6E"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("How to solve", Recipes.heading("How to solve them"), Start.ANYWHERE),
                    Run.filling("Puzzles", Recipes.bare("Puzzles"), Start.RECTO),
                    back("Solutions", Recipes.heading("Solutions"), Start.RECTO),
                    back("Solved pages", Recipes.bare("Solved pages"), Start.ANYWHERE)
                            .withCount(Optional.of(16)))),
    COLOURING_BOOK(
            "colouring-book",
            "colouring book",
            "About fifty pictures, each with a bare back. The picture pages are bare so far.",
            new Usual("online", "8.5x11in", 104, "white", "black", Binding.GLUED, "D98B7B"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Belongs to", Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.filling("Pictures and their backs", Recipes.bare("Pictures"), Start.RECTO))),
    PICTURE_BOOK(
            "picture-book",
            "picture book",
            "A story in pictures, in colour, between hard covers. The pictures come later.",
            new Usual("casebound", "8.5x8.5in", 40, "colour", "colour", Binding.CASED, "C9A24A"),
            () -> List.of(
                    front("Half title", Catalogue.recipe("half-title"), Start.RECTO),
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Copyright", Catalogue.recipe("copyright"), Start.ANYWHERE),
                    front("Dedication", Catalogue.recipe("dedication"), Start.RECTO),
                    Run.filling("Story", Recipes.bare("Story"), Start.ANYWHERE),
                    back("About the author", Recipes.heading("About the author"), Start.ANYWHERE))),
    TEXT_BOOK(
            "text-book",
            "text book",
            "Front matter, chapters, back matter, on cream paper. The text comes later.",
            new Usual("online", "5.5x8.5in", 240, "cream", "black", Binding.GLUED, "B5533C"),
            () -> List.of(
                    front("Half title", Catalogue.recipe("half-title"), Start.RECTO),
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    front("Copyright", Catalogue.recipe("copyright"), Start.ANYWHERE),
                    front("Dedication", Catalogue.recipe("dedication"), Start.RECTO),
                    front("Contents", Recipes.heading("Contents"), Start.RECTO),
                    Run.filling("Chapters", Recipes.bare("Chapters"), Start.RECTO),
                    back("Thanks", Recipes.heading("Thanks"), Start.RECTO),
                    back("About the author", Recipes.heading("About the author"), Start.RECTO))),
    ZINE(
            "zine",
            "stapled zine",
            "Sixteen pages folded and stapled; the first and last page are the cover.",
            new Usual("magazine", "5.5x8.5in", 16, "white", "black", Binding.STITCHED, "7A8C5A"),
            () -> List.of(
                    front("Front page", Catalogue.recipe("title"), Start.RECTO),
                    Run.filling("Pages", Recipes.bare("Pages"), Start.ANYWHERE),
                    back("Last page", Catalogue.recipe("colophon"), Start.ANYWHERE))),
    CARDS(
            "cards",
            "set of cards",
            "Sheets that the buyer cuts into cards. The cards come later.",
            new Usual("copyshop", "8.5x11in", 8, "heavy", "black", Binding.LOOSE, "E8DCC2"),
            () -> List.of(Run.filling("Sheets", Recipes.bare("Sheets of cards"), Start.ANYWHERE))),
    TABLET_PLANNER(
            "tablet-planner",
            "tablet planner",
            "Weeks for a tablet's screen. Links from page to page come later.",
            new Usual("screen", "9.5x11in", 60, "white", "colour", Binding.LOOSE, "27496D"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.ANYWHERE),
                    Run.filling("Weeks", Catalogue.recipe("week"), Start.ANYWHERE))),
    BLANK_BOOK(
            "blank-book",
            "blank book",
            "A title page and bare paper, to draw in.",
            new Usual("online", "8.5x8.5in", 60, "cream", "black", Binding.GLUED, "3A3A3A"),
            () -> List.of(
                    front("Title", Catalogue.recipe("title"), Start.RECTO),
                    Run.filling("Blank pages", Catalogue.recipe("blank"), Start.RECTO))),
    EMPTY(
            "empty",
            "book",
            "Nothing yet: bare pages in a usual size.",
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED, "E8DCC2"),
            () -> List.of(Run.filling("Pages", Catalogue.recipe("blank"), Start.ANYWHERE)));

    /** What people mostly choose for this kind of book. */
    private record Usual(
            String press, String trim, int pages, String paper, String ink, Binding binding, String ground) {
        Brief brief() {
            PressProfile profile = PressShelf.shipped().find(press);
            return Brief.at(profile, Size.parse(trim, Unit.INCH), pages)
                    .withBinding(binding)
                    .withPaper(paper)
                    .withInk(ink);
        }
    }

    private final String id;
    private final String kind;
    private final String about;
    private final Usual usual;
    private final Supplier<List<Run>> runs;
    private final List<Cycle> cycles;

    Starter(String id, String kind, String about, Usual usual, Supplier<List<Run>> runs, Cycle... cycles) {
        this.id = id;
        this.kind = kind;
        this.about = about;
        this.usual = usual;
        this.runs = runs;
        this.cycles = List.of(cycles);
    }

    private static Run front(String name, Recipe recipe, Start start) {
        // Display pages are counted, and bear no number (common practice).
        return Run.of(name, recipe, 1, start)
                .as(Matter.FRONT)
                .numbered(Numbering.CONTINUED.withStyle(Numbering.FolioStyle.NONE));
    }

    private static Run back(String name, Recipe recipe, Start start) {
        return Run.of(name, recipe, 1, start).as(Matter.BACK);
    }

    /** Short and lasting: {@code lined-journal}. */
    public String id() {
        return id;
    }

    /** What the book is, in a sentence: "lined journal". */
    public String kind() {
        return kind;
    }

    /** What is in it. */
    public String about() {
        return about;
    }

    /** What people mostly choose for it. */
    public Brief usualBrief() {
        return usual.brief();
    }

    /** A whole book of this kind in the size that people mostly choose for it. */
    public Book begin() {
        return begin(usual.brief());
    }

    /** Whether it is a dated book from the start. */
    public boolean isDated() {
        return this == DATED_PLANNER || this == DAY_PLANNER;
    }

    /** The coming year where the book is dated. */
    private CalendarChoice calendar() {
        int year = LocalDate.now().getYear() + 1;
        return isDated()
                ? CalendarChoice.UNDATED.dated(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31))
                : CalendarChoice.UNDATED;
    }

    /** A whole book of this kind to a brief. */
    public Book begin(Brief brief) {
        Brief own = this == ZINE ? brief.withSelfCover(true) : brief;
        boolean spineText =
                own.offer().spineText().filter(s -> own.pages() >= s.minPages()).isPresent();
        return new Book(
                Identity.fresh(kind, id),
                own,
                new Look(TypeChoice.CUSTOMARY, Palette.BLACK),
                Interior.of(runs.get()).withCycles(cycles),
                calendar(),
                CoverDesign.CUSTOMARY.withGround(Ink.hex(usual.ground)).withSpineText(spineText),
                Plans.NONE,
                Map.of());
    }

    /** The same book, begun again as this kind: its words, cover, typefaces and plans stay; inside and brief are new. */
    public Book restart(Book book) {
        Book anew = begin();
        return book.withIdentity(book.identity().withKind(kind).withStarter(id))
                .withBrief(anew.brief())
                .withPalette(anew.palette())
                .withInterior(anew.interior().withFurniture(book.furniture()))
                .withCalendar(anew.calendar());
    }

    /** @throws Trouble naming the starters that there are */
    public static Starter of(String id) {
        return Arrays.stream(values())
                .filter(s -> s.id.equals(id))
                .findFirst()
                .orElseThrow(() -> Trouble.of(
                        "There is no starter “" + id + "”.",
                        "Choose one of "
                                + String.join(
                                        ", ",
                                        Arrays.stream(values()).map(Starter::id).toList()) + "."));
    }
}
