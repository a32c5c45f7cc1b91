package jorn.puzzle.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jorn.art.Mark;
import jorn.art.Marks;
import jorn.art.Side;
import jorn.art.Target;
import jorn.book.Book;
import jorn.book.PuzzleRuns;
import jorn.book.Slot;
import jorn.book.Starter;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.content.Hurry;
import jorn.edition.Edition;
import jorn.json.Json;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.puzzle.Grade;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.arithmetic.ArithmeticRules;
import jorn.puzzle.dots.DotRules;
import jorn.puzzle.maze.MazeRules;
import jorn.puzzle.maze.MazeRules.MazeForm;
import jorn.puzzle.number.NumberRules;
import jorn.puzzle.run.Making.GradeOrder;
import jorn.puzzle.run.PageUse.SolutionPlace;
import jorn.puzzle.sums.SumRules;
import jorn.puzzle.words.CrissCrossRules;
import jorn.puzzle.words.WordSearchRules;
import jorn.store.BookFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Puzzles in a book: which ones, on which pages, and where their solutions are. */
class PuzzleBookTest {
    private static final List<String> BEES =
            List.of("bee: makes honey", "hive", "honey", "swarm", "queen", "drone", "comb", "skep", "nectar", "pollen");

    private static final List<PuzzleRules> KINDS = List.of(
            NumberRules.of(6),
            new SumRules(5),
            WordSearchRules.of(BEES, "en"),
            CrissCrossRules.of(BEES, "en"),
            MazeRules.of(MazeForm.ROUND),
            ArithmeticRules.of(ArithmeticRules.Practice.ALL),
            DotRules.customary());

    private static Book book(PuzzleRules rules, int count, PageUse use) {
        return book(new Puzzles(Making.of(rules, count, 7), use));
    }

    private static Book book(Puzzles puzzles) {
        Book book = Starter.PUZZLE_BOOK.begin().withTitle("Winter Cluster").withAuthor("Skep & Sedge");
        return PuzzleRuns.with(book, index(book), puzzles);
    }

    private static int index(Book book) {
        for (int i = 0; i < book.runs().size(); i++) {
            if (PuzzleRuns.of(book.runs().get(i)).isPresent()) {
                return i;
            }
        }
        throw new IllegalStateException();
    }

    private static <T> List<Slot> pagesOf(Edition edition, Class<T> type) {
        return edition.pagination().slots().stream()
                .filter(s -> s.subjects().get(type).isPresent())
                .toList();
    }

    @ParameterizedTest
    @EnumSource(SolutionPlace.class)
    void everyPuzzleIsSolvedOnceAndWhereItShouldBe(SolutionPlace place) {
        for (int perPage : PageUse.PER_PAGE) {
            PageUse use = PageUse.CUSTOMARY.withSolutions(place).withPerPage(perPage);
            Edition edition = Edition.of(book(NumberRules.of(4), 13, use));
            List<PuzzleRef> asked = new ArrayList<>();
            List<PuzzleRef> solved = new ArrayList<>();
            for (Slot slot : edition.pagination().slots()) {
                slot.subjects().get(PuzzlePage.class).ifPresent(p -> asked.addAll(p.puzzles()));
                slot.subjects().get(SolutionPage.class).ifPresent(p -> solved.addAll(p.puzzles()));
            }
            assertEquals(13, asked.size());
            assertEquals(place == SolutionPlace.NONE ? List.of() : asked, solved, place + " " + perPage);
            for (Slot slot : pagesOf(edition, PuzzlePage.class)) {
                List<PuzzleRef> here =
                        slot.subjects().get(PuzzlePage.class).orElseThrow().puzzles();
                Optional<SolutionPage> behind = edition.pagination().pageCount() > slot.number()
                        ? edition.pagination()
                                .page(slot.number() + 1)
                                .subjects()
                                .get(SolutionPage.class)
                        : Optional.empty();
                if (place == SolutionPlace.BACK) {
                    assertEquals(Side.RECTO, slot.side(), "its back is the next page");
                    assertEquals(here, behind.orElseThrow().puzzles());
                } else if (place == SolutionPlace.FACING) {
                    assertEquals(Side.VERSO, slot.side(), "what faces it is the next page");
                    List<PuzzleRef> facing = behind.orElseThrow().puzzles();
                    assertTrue(facing.isEmpty()
                            || facing.get(facing.size() - 1).number()
                                    == here.get(0).number() - 1);
                }
            }
        }
    }

    private static List<String> words(Edition edition, int page) {
        return Marks.standing(edition.page(page).marks()).stream()
                .flatMap(s -> s.mark() instanceof Mark.Words w
                        ? java.util.stream.Stream.of(w.run().text())
                        : java.util.stream.Stream.empty())
                .toList();
    }

    /** Page references both ways, by the numbers that are printed, and as links. */
    @Test
    void puzzlesAndSolutionsReferToEachOther() {
        Edition edition = Edition.of(book(NumberRules.of(6), 9, PageUse.CUSTOMARY));
        Slot puzzle = pagesOf(edition, PuzzlePage.class).get(4);
        Slot solutions = pagesOf(edition, SolutionPage.class).get(0);
        String there = edition.pages().folios().of(solutions.number());
        String here = edition.pages().folios().of(puzzle.number());
        assertTrue(
                words(edition, puzzle.number()).stream().anyMatch(w -> w.equalsIgnoreCase("Solution on page " + there)),
                words(edition, puzzle.number()).toString());
        assertTrue(words(edition, solutions.number()).stream()
                .anyMatch(w -> w.equalsIgnoreCase("Puzzle on page " + here)));
        assertTrue(words(edition, puzzle.number()).stream().anyMatch(w -> w.equalsIgnoreCase("Puzzle 5")));
        Set<Target> targets = edition.page(solutions.number()).marks().stream()
                .flatMap(m -> Marks.standing(List.of(m)).stream())
                .flatMap(s -> s.mark() instanceof Mark.Link l
                        ? java.util.stream.Stream.of(l.target())
                        : java.util.stream.Stream.empty())
                .collect(Collectors.toSet());
        assertTrue(targets.contains(new Target.Page(puzzle.number())), targets.toString());
    }

    @Test
    void theStepsAreToldWithTheSolutionWhereThatIsWanted() {
        PageUse use = PageUse.CUSTOMARY.withSolutions(SolutionPlace.BACK).withShowSteps(true);
        Edition edition = Edition.of(book(NumberRules.of(9), 5, use));
        Slot solution = pagesOf(edition, SolutionPage.class).get(4);
        String all = String.join(" ", words(edition, solution.number())).toLowerCase(java.util.Locale.ROOT);
        assertTrue(all.contains("a chain") && all.contains("last square of a house"), all);
        assertTrue(all.contains("fierce"), all);
    }

    @Test
    void everyKindIsDrawnAndCheckedWithoutErrors() {
        for (PuzzleRules rules : KINDS) {
            for (int perPage : new int[] {1, 4}) {
                Book book = book(rules, 6, PageUse.CUSTOMARY.withPerPage(perPage));
                Edition edition = Edition.of(book);
                for (Slot slot : pagesOf(edition, PuzzlePage.class)) {
                    assertTrue(edition.page(slot.number()).marks().size() > 3, rules.id());
                }
                List<Finding> wrong = Checker.check(new Proof(edition, Unit.MILLIMETRE, Map.of())).stream()
                        .filter(f -> f.severity() == Finding.Severity.ERROR)
                        .toList();
                assertEquals(List.of(), wrong, rules.id());
            }
        }
    }

    @Test
    void noTwoPuzzlesOfARunAreAlike() {
        for (PuzzleRules rules : KINDS) {
            PuzzleSet set = PuzzleSet.of(Making.of(rules, 20, 3));
            Set<Object> all = new HashSet<>();
            set.all().forEach(p -> all.add(p.likeness()));
            assertEquals(20, all.size(), rules.id());
        }
        PuzzleSet small = PuzzleSet.of(Making.of(NumberRules.of(4), 120, 3));
        assertEquals(120, small.all().stream().map(Puzzle::likeness).distinct().count());
        Making few = Making.of(DotRules.customary().withShapes(List.of("skep")), 3, 3)
                .withCounts(List.of(3, 0, 0, 0, 0));
        PuzzleSet none = PuzzleSet.of(few);
        none.get(0);
        Trouble more = assertThrows(Trouble.class, () -> none.get(2));
        assertTrue(more.what().contains("all different"), more.what());
    }

    @Test
    void anotherPuzzleTakesThePlaceOfOneAndTheRestStays() {
        Making making = Making.of(NumberRules.of(6), 10, 5);
        PuzzleSet before = PuzzleSet.of(making);
        PuzzleChoice choice = before.another(3);
        PuzzleSet after = PuzzleSet.of(making.withChosen(Map.of(before.key(3), choice)));
        for (int i = 0; i < 10; i++) {
            if (i == 3) {
                assertNotEquals(before.get(i), after.get(i));
                assertEquals(before.get(i).grade(), after.get(i).grade());
                assertNotEquals(after.get(3), after.another(3).seed().equals(choice.seed()));
            } else {
                assertEquals(before.get(i), after.get(i));
            }
        }
        assertNotEquals(choice.seed(), after.another(3).seed(), "and again another one");
    }

    /** Made first, but not before somebody asks: a window must not wait for them. */
    @Test
    void exchangedPuzzlesAreMadeFirstButNotWhileTheBookIsLaidOut() {
        Making making =
                Making.of(NumberRules.of(9), 10, 76_543).withChosen(Map.of("3-2", new PuzzleChoice(12_345L, false)));
        PuzzleSet set = PuzzleSet.of(making);
        assertEquals(0, set.count());
        set.get(0);
        assertEquals(2, set.count());
        assertTrue(set.ready(5).isPresent(), "the second of the third grade");
        assertTrue(set.ready(1).isEmpty());
    }

    @Test
    void pinnedPuzzlesStayWhenAllOthersAreMadeAnew() {
        Making making = Making.of(NumberRules.of(6), 10, 5);
        PuzzleSet before = PuzzleSet.of(making);
        Map<String, PuzzleChoice> chosen =
                Map.of(before.key(2), before.choice(2).withPinned(true), before.key(4), before.another(4));
        PuzzleSet after = PuzzleSet.of(making.withChosen(chosen).anew(99));
        assertEquals(before.get(2), after.get(2));
        assertNotEquals(before.get(4), after.get(4));
        assertNotEquals(before.get(0), after.get(0));
        assertEquals(Set.of(before.key(2)), after.making().chosen().keySet(), "what was merely exchanged is made anew");
    }

    @Test
    void anotherKindKeepsTheCountAndWhatItsGradesCanBe() {
        Making making = Making.of(NumberRules.of(9), 50, 1);
        assertEquals(List.of(10, 10, 10, 10, 10), making.counts());
        Making small = making.ruled(NumberRules.of(4));
        assertEquals(List.of(50, 0, 0, 0, 0), small.counts());
        Making sums = making.ruled(new SumRules(6));
        assertEquals(List.of(10, 10, 30, 0, 0), sums.counts());
        assertThrows(Trouble.class, () -> making.withCounts(List.of(0, 0, 0, 0, 0)));
        assertThrows(Trouble.class, () -> making.withCounts(List.of(5000)));
        assertThrows(Trouble.class, () -> making.withCounts(List.of(-1, 5)));
        Trouble hard = assertThrows(Trouble.class, () -> sums.withCounts(List.of(1, 0, 0, 2)));
        assertTrue(hard.what().contains("tricky"), hard.what());
    }

    @Test
    void gradesRiseOrAreMixed() {
        Making making = Making.of(NumberRules.of(6), 25, 1);
        List<Grade> rising =
                PuzzleSet.of(making).all().stream().map(Puzzle::grade).toList();
        assertEquals(rising.stream().sorted().toList(), rising);
        List<Grade> mixed = PuzzleSet.of(making.withOrder(GradeOrder.MIXED)).all().stream()
                .map(Puzzle::grade)
                .toList();
        assertNotEquals(rising, mixed);
        assertEquals(rising, mixed.stream().sorted().toList());
    }

    @Test
    void ownGridsComeFirstAndAreGraded() {
        String grid = "53..7....6..195....98....6.8...6...34..8.3..17...2...6.6....28....419..5....8..79";
        Making making = Making.of(NumberRules.of(9), 5, 1).withOwn(OwnGrids.taken(grid, false));
        PuzzleSet set = PuzzleSet.of(making);
        assertEquals(6, set.size());
        assertEquals(5, ((jorn.puzzle.number.NumberPuzzle) set.get(0)).given(0, 0));
        assertThrows(Trouble.class, () -> set.another(0), "Jorn has no other");
    }

    @Test
    void makingCanBeStoppedAndGoesOn() {
        PuzzleSet set = PuzzleSet.of(Making.of(NumberRules.of(9), 30, 4321));
        set.get(2);
        set.halt(true);
        Trouble stopped = assertThrows(Trouble.class, () -> set.get(20));
        assertTrue(stopped.what().contains("stopped"), stopped.what());
        set.get(1);
        int[] told = new int[1];
        set.halt(false);
        set.makeAll(n -> told[0] = n, () -> set.count() >= 10);
        assertEquals(10, told[0]);
        assertFalse(set.isHalted());
        assertEquals(30, set.all().size());
        assertSame(set, PuzzleSet.of(Making.of(NumberRules.of(9), 30, 4321)));
    }

    @Test
    void whereItMustNotWaitAPageSaysThatItIsBeingMade() throws Exception {
        Edition edition = Edition.of(book(NumberRules.of(9), 60, PageUse.CUSTOMARY));
        int page = pagesOf(edition, PuzzlePage.class).get(59).number();
        List<List<String>> seen = new ArrayList<>();
        Thread window = new Thread(() -> {
            Hurry.mark();
            seen.add(words(edition, page));
        });
        window.start();
        window.join();
        assertTrue(
                seen.get(0).stream().anyMatch(w -> w.equalsIgnoreCase("This puzzle is being made …")), seen.toString());
        assertFalse(
                words(edition, page).stream().anyMatch(w -> w.equalsIgnoreCase("This puzzle is being made …")),
                "what is written waits");
    }

    @Test
    void largeSquaresTakeFewerToAPageOrSayThatTheTrimIsTooSmall() {
        PageUse four = PageUse.CUSTOMARY.withPerPage(4);
        Edition many = Edition.of(book(NumberRules.of(12), 8, four));
        Edition large = Edition.of(book(NumberRules.of(12), 8, four.withLarge(true)));
        assertEquals(2, pagesOf(many, PuzzlePage.class).size());
        assertEquals(8, pagesOf(large, PuzzlePage.class).size());
        double side = large.measures().get("puzzle.square").length().in(Unit.MILLIMETRE);
        assertTrue(side >= 9, side + " mm");
        double figure = large.measures().get("puzzle.figure").number();
        assertEquals(Length.mm(side).points() * 0.5, figure, 0.01);
        Book small = book(NumberRules.of(16), 2, PageUse.CUSTOMARY.withLarge(true));
        Book onA5 = small.withBrief(small.brief().withTrim(Size.parse("A5", Unit.MILLIMETRE)));
        List<Finding> found = Checker.check(new Proof(Edition.of(onA5), Unit.MILLIMETRE, Map.of()));
        assertTrue(
                found.stream().anyMatch(f -> f.found().toString().contains("9") && f.id().equals("page.fit")),
                found.toString());
    }

    @Test
    void runsOfSolutionsComeAndGoWithWhereSolutionsStand() {
        Book end = book(NumberRules.of(6), 6, PageUse.CUSTOMARY);
        int runs = end.runs().size();
        Book back = PuzzleRuns.with(
                end,
                index(end),
                new Puzzles(Making.of(NumberRules.of(6), 6, 7), PageUse.CUSTOMARY.withSolutions(SolutionPlace.BACK)));
        assertEquals(runs - 2, back.runs().size());
        Book again = PuzzleRuns.with(
                back, index(back), PuzzleRuns.of(end.runs().get(index(end))).orElseThrow());
        assertEquals(
                end.runs().stream().map(r -> r.name()).toList(),
                again.runs().stream().map(r -> r.name()).toList());
        Book mazes = book(MazeRules.of(MazeForm.RECTANGLE), 3, PageUse.CUSTOMARY);
        assertTrue(
                mazes.runs().stream()
                        .anyMatch(r -> Json.tree(r.recipe()).toString().contains("@how-maze")),
                "the page that explains them follows the kind");
    }

    @Test
    void aBookOfPuzzlesIsReadBackAsItWas(@TempDir java.nio.file.Path folder) {
        for (PuzzleRules rules : KINDS) {
            Making making = Making.of(rules, 12, 4)
                    .withChosen(Map.of("1-1", new PuzzleChoice(5L, true)))
                    .withOrder(GradeOrder.MIXED);
            Book book = book(new Puzzles(making, new PageUse(2, true, SolutionPlace.FACING, false, true)));
            java.nio.file.Path file = folder.resolve(rules.id() + ".jorn");
            BookFile.save(book, file);
            assertEquals(book.runs(), BookFile.open(file).book().runs(), rules.id());
        }
    }

    @Test
    void gridsAreReadAsPeopleWriteThem() {
        String line = "1.3..4.." + "2..1..4.";
        assertEquals(
                List.of(4, 4),
                OwnGrids.read("# two grids\n" + "1.3..4..2..1..4.\n\n0000000000000001\n").stream()
                        .map(OwnGrids.OwnGrid::size)
                        .toList());
        assertEquals(16, line.length());
        List<OwnGrids.OwnGrid> rows = OwnGrids.read("12|..\n..|12\n--+--\n2.|..\n..|.1\n");
        assertEquals(1, rows.size());
        assertEquals("12....122......1", rows.get(0).written());
        OwnGrids.OwnGrid table = OwnGrids.read("1,2,,\n,,1,2\n2,,,\n,,,1").get(0);
        assertEquals("12....122......1", table.written());
        String sixteen = ("10;16;;;;;;;;;;;;;;1\n" + ";;;;;;;;;;;;;;;\n".repeat(15));
        OwnGrids.OwnGrid large = OwnGrids.read(sixteen).get(0);
        assertEquals(16, large.size());
        assertTrue(large.written().startsWith("AG"));
    }

    @Test
    void filesThatAreNoGridsAreRefusedWithTheirLine() {
        Map<String, String> wrong = Map.of(
                "1.3..4..2..1..4.\n12x4567891234567\n", "Line 2, square 3",
                "12345\n", "Line 1 has 5",
                "1234\n123\n", "Line 2 has 3",
                "1234\n3412\n", "line 1 has 2 rows",
                "# nothing\n", "no grid",
                "1.3..4..2..1..5.\n", "line 1 has a 5");
        wrong.forEach((text, said) -> {
            Trouble t = assertThrows(Trouble.class, () -> OwnGrids.read(text));
            assertTrue(t.what().contains(said), text + ": " + t.what());
        });
        Trouble several = assertThrows(Trouble.class, () -> OwnGrids.taken("1...............", false));
        assertTrue(several.what().startsWith("Line 1: "), several.what());
    }

    @Test
    void theInstructionsAndNamesAreThereInTheBooksLanguage() {
        Book book = book(NumberRules.of(9), 3, PageUse.CUSTOMARY);
        Book german = book.withCalendar(book.calendar().withLanguage("de"));
        Edition edition = Edition.of(german);
        Slot puzzle = pagesOf(edition, PuzzlePage.class).get(0);
        assertTrue(words(edition, puzzle.number()).stream().anyMatch(w -> w.equalsIgnoreCase("Rätsel 1")));
        assertTrue(words(edition, puzzle.number()).stream().anyMatch(w -> w.equalsIgnoreCase("sanft")));
    }
}
