package jorn.desk.model;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jorn.art.Ink;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.PatternRuns;
import jorn.book.PuzzleRuns;
import jorn.book.Starter;
import jorn.code.Isbn;
import jorn.measure.PaperSize;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.pattern.run.Patterns;
import jorn.press.PressProfile;
import jorn.press.PressShelf;
import jorn.puzzle.run.Puzzles;

/** The books of the made-up imprint Skep & Sedge, a beekeeper who publishes on the side. */
public final class DemoBooks {
    private static final String IMPRINT = "Skep & Sedge";

    /** Which of a lined journal's runs is lined. */
    private static final int LINED = 3;

    /** Makes the puzzles of the demo the same each time. */
    private static final long WINTER = 20_261_221;

    /** Makes the patterns of the demo the same each time. */
    private static final long HONEYCOMB = 61_217;

    private static final long SMOKE = 61;
    private static final int ZINE_PICTURES = 9;

    private DemoBooks() {}

    /** The one that the demo opens with. */
    public static Book first() {
        return hiveNotes();
    }

    /** All of them, the one that the demo opens with first. */
    public static List<Book> all() {
        return List.of(
                hiveNotes(),
                apiaryYear(),
                winterCluster(),
                honeycombPatterns(),
                pocketNotes(),
                hiveSketches(),
                smokeSignals());
    }

    private static Book hiveNotes() {
        PressProfile online = PressShelf.shipped().find("online");
        Book book = Starter.LINED_JOURNAL
                .begin(Brief.at(online, Size.of(6, 9, Unit.INCH), 120))
                .withTitle("Hive Notes")
                .withSubtitle("A journal for the bee yard")
                .withAuthor(IMPRINT);
        Book lined = book.withRecipe(LINED, r -> r.withRuling(Ruling.customary().withReach(Ruling.Reach.EDGE)));
        Book priced =
                lined.withPlans(lined.plans().withPrice("us", Optional.of(5.99)).withPrice("uk", Optional.of(5.49)));
        return priced.withCover(priced.cover()
                .withGround(Ink.hex("24524B"))
                .withPanelInk(Ink.hex("FAF5E8"))
                .withTitleInk(Ink.hex("1B2E2C"))
                .planned(p -> p.withComposition("label")
                        .withAccents(
                                List.of(Ink.hex("E0A63A"), Ink.hex("3A7A68"), Ink.hex("C9643C"), Ink.hex("F0D9A0"))))
                .withBlurb("Room for every inspection, every swarm and every jar.\n\n"
                        + "Wide enough to write in with gloves on, and lined from edge to edge."));
    }

    private static Book apiaryYear() {
        Book book = Starter.DATED_PLANNER.begin();
        return book.withTitle("The Apiary Year")
                .withSubtitle("A planner for beekeepers")
                .withAuthor(IMPRINT)
                .withCover(book.cover()
                        .planned(p -> p.composedAs("wreath")
                                .withCode(p.code().withIsbn(Optional.of(Isbn.parse("978-0-306-40615-7")))))
                        .withBlurb("Fifty-three weeks among the hives: what to look for, what to write down, "
                                + "and what can wait until spring."))
                .withCalendar(book.calendar()
                        .dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31))
                        .withHolidays("GB")
                        .withMoon(true));
    }

    /** Number placements for the months in which there is nothing to do at the hives. */
    private static Book winterCluster() {
        Book book = Starter.PUZZLE_BOOK.begin();
        for (int i = 0; i < book.runs().size(); i++) {
            Optional<Puzzles> puzzles = PuzzleRuns.of(book.runs().get(i));
            if (puzzles.isPresent()) {
                Puzzles p = puzzles.get();
                book = PuzzleRuns.with(book, i, p.withMaking(p.making().withSeed(WINTER)));
            }
        }
        return book.withTitle("Winter Cluster")
                .withSubtitle("Sixty number puzzles from gentle to fierce")
                .withAuthor(IMPRINT)
                .withCover(book.cover()
                        .withGround(Ink.hex("1F2A44"))
                        .planned(p -> p.withComposition("comb"))
                        .withBlurb("When the bees sit close and keep each other warm, there is time for a puzzle.\n\n"
                                + "Sixty of them, each with one solution that can be reasoned out, and no two alike."));
    }

    /** Fifty patterns to colour, made by rule from the seed. */
    private static Book honeycombPatterns() {
        Book book = Starter.COLOURING_BOOK.begin();
        for (int i = 0; i < book.runs().size(); i++) {
            Optional<Patterns> patterns = PatternRuns.of(book.runs().get(i));
            if (patterns.isPresent()) {
                book = PatternRuns.with(book, i, patterns.get().withSeed(HONEYCOMB));
            }
        }
        return book.withTitle("Honeycomb Patterns")
                .withSubtitle("Fifty patterns to colour, no two alike")
                .withAuthor(IMPRINT)
                .withCover(book.cover()
                        .planned(p -> p.withComposition("coloured")
                                .withAccents(List.of(
                                        Ink.hex("E0A63A"), Ink.hex("3F7F7A"), Ink.hex("D9694A"), Ink.hex("8FB8A8"))))
                        .withBlurb("Mirrors, turns and glides: every way in which a pattern can repeat, "
                                + "from one petal to a whole comb.\n\n"
                                + "One picture to a leaf, with a bare back, and a page to try your pens first."));
    }

    private static Book pocketNotes() {
        PressProfile home = PressShelf.shipped().find("home");
        Book book = Starter.NOTEBOOK.begin(
                Brief.at(home, PaperSize.A6.size(), 32).withBinding(jorn.press.Binding.STITCHED));
        return book.withTitle("Pocket Hive Notes").withAuthor(IMPRINT);
    }

    /** A zine to be folded at the kitchen table, its pictures drawn by rule. */
    private static Book smokeSignals() {
        Book book = Starter.ZINE.begin();
        for (int i = 0; i < book.runs().size(); i++) {
            if (book.runs().get(i).isFilling()) {
                Patterns drawn = Patterns.of(ZINE_PICTURES, SMOKE).withBack(Patterns.Back.NONE);
                book = book.withRun(
                        i, r -> PatternRuns.run(drawn).withStart(r.start()).inContents(false));
            }
        }
        return book.withTitle("Smoke Signals")
                .withSubtitle("A zine from the bee yard")
                .withAuthor(IMPRINT);
    }

    private static Book hiveSketches() {
        PressProfile online = PressShelf.shipped().find("online");
        Book book = Starter.BLANK_BOOK.begin(
                Brief.at(online, Size.of(8.5, 8.5, Unit.INCH), 60).withPaper("cream"));
        return book.withTitle("Hive Sketches")
                .withAuthor(IMPRINT)
                .withCover(book.cover().withGround(Ink.hex("2F5D50")).planned(p -> p.withComposition("comb")));
    }
}
