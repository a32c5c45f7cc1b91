package jorn.book;

import java.time.LocalDate;
import java.time.ZoneId;
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
import jorn.say.Wording;

/** What a book can begin as: a whole book, ready to export, from which the user goes on. */
public enum Starter {
    LINED_JOURNAL(
            "lined-journal",
            Wording.of("book.starter.lined-journal"),
            Wording.of("book.starter.lined-pages-behind-title"),
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED, "C9A24A"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.belongs"), Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.filling(
                            Wording.of("book.starter.lined-pages"), Recipes.lined(Ruling.customary()), Start.RECTO))),
    NOTEBOOK(
            "lined-notebook",
            Wording.of("book.starter.lined-notebook"),
            Wording.of("book.starter.lined-pages-from-first"),
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED, "27496D"),
            () -> List.of(Run.filling(
                    Wording.of("book.starter.lined-pages"), Recipes.lined(Ruling.customary()), Start.ANYWHERE))),
    WEEKLY_PLANNER(
            "weekly-planner",
            Wording.of("book.starter.weekly-planner"),
            Wording.of("book.starter.each-week-on-two"),
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED, "2F5D50"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.belongs"), Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.per(Span.WEEK, Wording.of("book.starter.weeks"), Catalogue.recipe("week-left"), Start.VERSO)
                            .facing(Catalogue.recipe("week-right")),
                    back(Wording.of("book.starter.notes"), Catalogue.recipe("notes"), Start.ANYWHERE)
                            .withCount(Optional.of(4)))),
    DATED_PLANNER(
            "dated-planner",
            Wording.of("book.starter.dated-planner"),
            Wording.of("book.starter.coming-year-each-month"),
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED, "C9A24A"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.belongs"), Catalogue.recipe("belongs-to"), Start.RECTO),
                    front(Wording.of("book.starter.year"), Catalogue.recipe("year"), Start.RECTO),
                    Run.of(Wording.of("book.starter.month"), Catalogue.recipe("month"), 1, Start.RECTO),
                    Run.per(
                                    Span.WEEK,
                                    Wording.of("book.starter.weeks"),
                                    Catalogue.recipe("week-strips-left"),
                                    Start.VERSO)
                            .facing(Catalogue.recipe("week-strips-right")),
                    Run.of(
                            Wording.of("book.starter.month-s-notes"),
                            Catalogue.recipe("month-notes"),
                            1,
                            Start.ANYWHERE)),
            new Cycle(Wording.of("book.starter.each-month"), Span.MONTH, 3, 6, Optional.empty())),
    DAY_PLANNER(
            "day-planner",
            Wording.of("book.starter.day-planner"),
            Wording.of("book.starter.coming-year-with-page"),
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED, "B5533C"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    Run.of(Wording.of("book.starter.month"), Catalogue.recipe("month"), 1, Start.RECTO),
                    Run.per(Span.WEEK, Wording.of("book.starter.weeks"), Catalogue.recipe("week"), Start.ANYWHERE),
                    Run.per(Span.DAY, Wording.of("book.starter.days"), Catalogue.recipe("day-slots"), Start.ANYWHERE)),
            new Cycle(Wording.of("book.starter.each-month"), Span.MONTH, 1, 4, Optional.empty())),
    UNDATED_PLANNER(
            "undated-planner",
            Wording.of("book.starter.undated-planner"),
            Wording.of("book.starter.twelve-months-each-with"),
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED, "6B4C6E"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.belongs"), Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.of(Wording.of("book.starter.month"), Catalogue.recipe("month-boxes"), 1, Start.RECTO),
                    Run.per(Span.WEEK, Wording.of("book.starter.weeks"), Catalogue.recipe("week-left"), Start.VERSO)
                            .facing(Catalogue.recipe("week-right")),
                    Run.of(
                            Wording.of("book.starter.month-s-notes"),
                            Catalogue.recipe("month-notes"),
                            1,
                            Start.ANYWHERE)),
            new Cycle(Wording.of("book.starter.each-month"), Span.MONTH, 2, 5, Optional.empty())),
    LOG_BOOK(
            "log-book",
            Wording.of("book.starter.log-book"),
            Wording.of("book.starter.same-log-on-every"),
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED, "7A8C5A"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.belongs"), Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.filling(Wording.of("book.starter.log-pages"), Catalogue.recipe("inspection"), Start.RECTO))),
    GRID_SKETCHBOOK(
            "grid-sketchbook",
            Wording.of("book.starter.grid-sketchbook"),
            Wording.of("book.starter.squares-mm-wide-enough"),
            new Usual("online", "8.5x11in", 120, "white", "black", Binding.GLUED, "3A3A3A"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    Run.filling(Wording.of("book.starter.squares"), Catalogue.recipe("squared-10"), Start.RECTO))),
    PUZZLE_BOOK(
            "puzzle-book",
            Wording.of("book.starter.puzzle-book"),
            Wording.of("book.starter.large-pages-for-puzzles"),
            new Usual("online", "8.5x11in", 120, "white", "black", Binding.GLUED, "6B4C6E"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(
                            Wording.of("book.starter.how-solve"),
                            Recipes.heading(Wording.of("book.starter.how-solve-them")),
                            Start.ANYWHERE),
                    Run.filling(
                            Wording.of("book.starter.puzzles"),
                            Recipes.bare(Wording.of("book.starter.puzzles")),
                            Start.RECTO),
                    back(
                            Wording.of("book.starter.solutions"),
                            Recipes.heading(Wording.of("book.starter.solutions")),
                            Start.RECTO),
                    back(
                                    Wording.of("book.starter.solved-pages"),
                                    Recipes.bare(Wording.of("book.starter.solved-pages")),
                                    Start.ANYWHERE)
                            .withCount(Optional.of(16)))),
    COLOURING_BOOK(
            "colouring-book",
            Wording.of("book.starter.colouring-book"),
            Wording.of("book.starter.about-fifty-pictures-each"),
            new Usual("online", "8.5x11in", 104, "white", "black", Binding.GLUED, "D98B7B"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.belongs"), Catalogue.recipe("belongs-to"), Start.RECTO),
                    Run.filling(
                            Wording.of("book.starter.pictures-their-backs"),
                            Recipes.bare(Wording.of("book.starter.pictures")),
                            Start.RECTO))),
    PICTURE_BOOK(
            "picture-book",
            Wording.of("book.starter.picture-book"),
            Wording.of("book.starter.story-pictures-colour-between"),
            new Usual("casebound", "8.5x8.5in", 40, "colour", "colour", Binding.CASED, "C9A24A"),
            () -> List.of(
                    front(Wording.of("book.starter.half-title"), Catalogue.recipe("half-title"), Start.RECTO),
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.copyright"), Catalogue.recipe("copyright"), Start.ANYWHERE),
                    front(Wording.of("book.starter.dedication"), Catalogue.recipe("dedication"), Start.RECTO),
                    Run.filling(
                            Wording.of("book.starter.story"),
                            Recipes.bare(Wording.of("book.starter.story")),
                            Start.ANYWHERE),
                    back(
                            Wording.of("book.starter.about-author"),
                            Recipes.heading(Wording.of("book.starter.about-author")),
                            Start.ANYWHERE))),
    TEXT_BOOK(
            "text-book",
            Wording.of("book.starter.text-book"),
            Wording.of("book.starter.front-matter-chapters-back"),
            new Usual("online", "5.5x8.5in", 240, "cream", "black", Binding.GLUED, "B5533C"),
            () -> List.of(
                    front(Wording.of("book.starter.half-title"), Catalogue.recipe("half-title"), Start.RECTO),
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    front(Wording.of("book.starter.copyright"), Catalogue.recipe("copyright"), Start.ANYWHERE),
                    front(Wording.of("book.starter.dedication"), Catalogue.recipe("dedication"), Start.RECTO),
                    front(
                            Wording.of("book.starter.contents"),
                            Recipes.heading(Wording.of("book.starter.contents")),
                            Start.RECTO),
                    Run.filling(
                            Wording.of("book.starter.chapters"),
                            Recipes.bare(Wording.of("book.starter.chapters")),
                            Start.RECTO),
                    back(
                            Wording.of("book.starter.thanks"),
                            Recipes.heading(Wording.of("book.starter.thanks")),
                            Start.RECTO),
                    back(
                            Wording.of("book.starter.about-author"),
                            Recipes.heading(Wording.of("book.starter.about-author")),
                            Start.RECTO))),
    ZINE(
            "zine",
            Wording.of("book.starter.stapled-zine"),
            Wording.of("book.starter.sixteen-pages-folded-stapled"),
            new Usual("magazine", "5.5x8.5in", 16, "white", "black", Binding.STITCHED, "7A8C5A"),
            () -> List.of(
                    front(Wording.of("book.starter.front-page"), Catalogue.recipe("title"), Start.RECTO),
                    Run.filling(
                            Wording.of("book.starter.pages"),
                            Recipes.bare(Wording.of("book.starter.pages")),
                            Start.ANYWHERE),
                    back(Wording.of("book.starter.last-page"), Catalogue.recipe("colophon"), Start.ANYWHERE))),
    CARDS(
            "cards",
            Wording.of("book.starter.set-cards"),
            Wording.of("book.starter.sheets-buyer-cuts-into"),
            new Usual("copyshop", "8.5x11in", 8, "heavy", "black", Binding.LOOSE, "E8DCC2"),
            () -> List.of(Run.filling(
                    Wording.of("book.starter.sheets"),
                    Recipes.bare(Wording.of("book.starter.sheets-cards")),
                    Start.ANYWHERE))),
    TABLET_PLANNER(
            "tablet-planner",
            Wording.of("book.starter.tablet-planner"),
            Wording.of("book.starter.weeks-for-tablet-s"),
            new Usual("screen", "9.5x11in", 60, "white", "colour", Binding.LOOSE, "27496D"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.ANYWHERE),
                    Run.filling(Wording.of("book.starter.weeks"), Catalogue.recipe("week"), Start.ANYWHERE))),
    BLANK_BOOK(
            "blank-book",
            Wording.of("book.starter.blank-book"),
            Wording.of("book.starter.title-page-bare-paper"),
            new Usual("online", "8.5x8.5in", 60, "cream", "black", Binding.GLUED, "3A3A3A"),
            () -> List.of(
                    front(Wording.of("book.starter.title"), Catalogue.recipe("title"), Start.RECTO),
                    Run.filling(Wording.of("book.starter.blank-pages"), Catalogue.recipe("blank"), Start.RECTO))),
    EMPTY(
            "empty",
            Wording.of("book.starter.book"),
            Wording.of("book.starter.nothing-yet-bare-pages"),
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED, "E8DCC2"),
            () -> List.of(Run.filling(Wording.of("book.starter.pages"), Catalogue.recipe("blank"), Start.ANYWHERE)));

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

    /** The coming year where the book is dated; its days and months are named in the language that is spoken. */
    private CalendarChoice calendar() {
        CalendarChoice undated =
                CalendarChoice.UNDATED.withLanguage(Wording.language().code());
        int year = LocalDate.now(ZoneId.systemDefault()).getYear() + 1;
        return isDated() ? undated.dated(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31)) : undated;
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
                        "book.starter.there-no-starter",
                        id,
                        String.join(
                                ", ", Arrays.stream(values()).map(Starter::id).toList())));
    }
}
