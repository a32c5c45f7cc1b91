package jorn.book;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import jorn.art.Palette;
import jorn.block.paper.Ruling;
import jorn.calendar.CalendarChoice;
import jorn.layout.Grid;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.press.Binding;
import jorn.press.MarginSchool;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.say.Wording;
import jorn.style.StyleShelf;
import jorn.style.TypeChoice;

/** What a book can begin as: a whole book, ready to export, from which the user goes on. */
public enum Starter {
    LINED_JOURNAL(
            "lined-journal",
            Wording.of("book.starter.lined-journal"),
            Wording.of("book.starter.lined-pages-behind-title"),
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED),
            "quiet",
            StarterInsides::linedJournal),
    NOTEBOOK(
            "lined-notebook",
            Wording.of("book.starter.lined-notebook"),
            Wording.of("book.starter.lined-pages-from-first"),
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED),
            "quiet",
            StarterInsides::notebook),
    WEEKLY_PLANNER(
            "weekly-planner",
            Wording.of("book.starter.weekly-planner"),
            Wording.of("book.starter.each-week-on-two"),
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED),
            "meadow",
            StarterInsides::weeklyPlanner),
    DATED_PLANNER(
            "dated-planner",
            Wording.of("book.starter.dated-planner"),
            Wording.of("book.starter.coming-year-each-month"),
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED),
            "almanac",
            StarterInsides::datedPlanner),
    DAY_PLANNER(
            "day-planner",
            Wording.of("book.starter.day-planner"),
            Wording.of("book.starter.coming-year-with-page"),
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED),
            "poster",
            StarterInsides::dayPlanner),
    WEEK_DAY_PLANNER(
            "week-day-planner",
            Wording.of("book.starter.week-day-planner"),
            Wording.of("book.starter.weeks-among-days"),
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED),
            "ledger",
            StarterInsides::weekDayPlanner),
    UNDATED_PLANNER(
            "undated-planner",
            Wording.of("book.starter.undated-planner"),
            Wording.of("book.starter.twelve-months-each-with"),
            new Usual("online", "7x10in", 24, "white", "black", Binding.GLUED),
            "linocut",
            StarterInsides::undatedPlanner),
    LOG_BOOK(
            "log-book",
            Wording.of("book.starter.log-book"),
            Wording.of("book.starter.same-log-on-every"),
            new Usual("online", "6x9in", 120, "white", "black", Binding.GLUED),
            "ledger",
            StarterInsides::logBook),
    GRID_SKETCHBOOK(
            "grid-sketchbook",
            Wording.of("book.starter.grid-sketchbook"),
            Wording.of("book.starter.squares-mm-wide-enough"),
            new Usual("online", "8.5x11in", 120, "white", "black", Binding.GLUED),
            "quiet",
            StarterInsides::gridSketchbook),
    PUZZLE_BOOK(
            "puzzle-book",
            Wording.of("book.starter.puzzle-book"),
            Wording.of("book.starter.sixty-number-placements"),
            new Usual("online", "8.5x11in", 24, "white", "black", Binding.GLUED),
            "poster",
            StarterInsides::puzzleBook),
    COLOURING_BOOK(
            "colouring-book",
            Wording.of("book.starter.colouring-book"),
            Wording.of("book.starter.about-fifty-pictures-each"),
            new Usual("online", "8.5x11in", 24, "white", "black", Binding.GLUED),
            "kite",
            StarterInsides::colouringBook),
    PICTURE_BOOK(
            "picture-book",
            Wording.of("book.starter.picture-book"),
            Wording.of("book.starter.story-pictures-colour-between"),
            new Usual("casebound", "8.5x8.5in", 40, "colour", "colour", Binding.CASED),
            "meadow",
            StarterInsides::pictureBook),
    TEXT_BOOK(
            "text-book",
            Wording.of("book.starter.text-book"),
            Wording.of("book.starter.front-matter-chapters-back"),
            new Usual("online", "5.5x8.5in", 240, "cream", "black", Binding.GLUED),
            "plain",
            StarterInsides::textBook),
    ZINE(
            "zine",
            Wording.of("book.starter.stapled-zine"),
            Wording.of("book.starter.sixteen-pages-folded-stapled"),
            new Usual("magazine", "5.5x8.5in", 16, "white", "black", Binding.STITCHED),
            "poster",
            StarterInsides::zine),
    PHOTO_BOOKLET(
            "photo-booklet",
            Wording.of("book.starter.photo-booklet"),
            Wording.of("book.starter.photo-booklet-says"),
            new Usual("magazine", "5.5x8.5in", 16, "colour", "colour", Binding.STITCHED),
            "plain",
            StarterInsides::photoBooklet),
    CARDS(
            "cards",
            Wording.of("book.starter.set-cards"),
            Wording.of("book.starter.sheets-buyer-cuts-into"),
            new Usual("copyshop", "8.5x11in", 8, "heavy", "black", Binding.LOOSE),
            "quiet",
            StarterInsides::cards),
    TABLET_PLANNER(
            "tablet-planner",
            Wording.of("book.starter.tablet-planner"),
            Wording.of("book.starter.weeks-for-tablet-s"),
            new Usual("screen", "9.5x11in", 60, "white", "colour", Binding.LOOSE),
            "pebble",
            StarterInsides::tabletPlanner),
    BLANK_BOOK(
            "blank-book",
            Wording.of("book.starter.blank-book"),
            Wording.of("book.starter.title-page-bare-paper"),
            new Usual("online", "8.5x8.5in", 60, "cream", "black", Binding.GLUED),
            "quiet",
            StarterInsides::blankBook),
    EMPTY(
            "empty",
            Wording.of("book.starter.book"),
            Wording.of("book.starter.nothing-yet-bare-pages"),
            new Usual("online", "6x9in", 24, "white", "black", Binding.GLUED),
            "quiet",
            StarterInsides::empty);

    /** What people mostly choose for this kind of book. */
    private record Usual(String press, String trim, int pages, String paper, String ink, Binding binding) {
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
    private final String style;
    private final Supplier<Interior> inside;

    Starter(String id, String kind, String about, Usual usual, String style, Supplier<Interior> inside) {
        this.id = id;
        this.kind = kind;
        this.about = about;
        this.usual = usual;
        this.style = style;
        this.inside = inside;
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
        return this == DATED_PLANNER || this == DAY_PLANNER || this == WEEK_DAY_PLANNER;
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
        Brief own = this == ZINE || this == PHOTO_BOOKLET ? brief.withSelfCover(true) : brief;
        Interior made = PatternRuns.bound(inside.get(), own.binding());
        Book book = new Book(
                Identity.fresh(kind, id),
                own,
                new Look(TypeChoice.CUSTOMARY, Palette.BLACK, Optional.empty()),
                made.withMargins(MarginChoice.ofSchool(Optional.of(MarginSchool.DESIGNED)))
                        .withPitch(Optional.of(pitch(made, own.trim()))),
                calendar(),
                CoverDesign.CUSTOMARY.withPlan(Optional.of(
                        CoverPlan.of(StyleShelf.plain().dress().cover().composition()))),
                Plans.NONE,
                Map.of());
        return Copyright.dated(book.inStyle(StyleShelf.of(style)));
    }

    /** On ruled pages the lines' own spacing; else what books of this trim customarily have. */
    private static Length pitch(Interior inside, Size trim) {
        return inside.runs().stream()
                .filter(Run::isFilling)
                .flatMap(r -> r.recipe().ruling().stream())
                .map(Ruling::spacing)
                .filter(Grid::canBe)
                .findFirst()
                .orElseGet(() -> Specimen.pitch(trim));
    }

    /** The same book, begun again as this kind: its words, cover, typefaces and plans stay; inside and brief are new. */
    public Book restart(Book book) {
        Book anew = begin();
        boolean bare = book.furniture().equals(Furniture.NONE);
        Book now = book.withIdentity(book.identity().withKind(kind).withStarter(id))
                .withBrief(anew.brief())
                .withInterior(bare ? anew.interior() : anew.interior().withFurniture(book.furniture()))
                .withCalendar(anew.calendar());
        boolean coloured = !anew.brief().inkSet().blackOnly();
        return book.look().style().isPresent()
                ? now.withPalette(Look.of(book.style(), coloured).palette())
                : now.withLook(anew.look().withType(book.type()));
    }

    /** Books to read and to look at; what began as anything else is written in. */
    private static final Set<Starter> READ =
            EnumSet.of(PICTURE_BOOK, TEXT_BOOK, COLOURING_BOOK, PUZZLE_BOOK, ZINE, PHOTO_BOOKLET, EMPTY);

    /** Whether what began so is sold as stationery, unless somebody says otherwise; not where nothing is known of it. */
    static boolean isStationery(String id) {
        return Arrays.stream(values()).anyMatch(s -> s.id.equals(id) && !READ.contains(s));
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
