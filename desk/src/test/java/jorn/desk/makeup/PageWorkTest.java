package jorn.desk.makeup;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import jorn.art.Box;
import jorn.book.Book;
import jorn.book.Cycle;
import jorn.book.Furniture;
import jorn.book.Placement;
import jorn.book.Run;
import jorn.book.Starter;
import jorn.calendar.Span;
import jorn.desk.model.Desk;
import jorn.desk.model.Settings;
import jorn.layout.Axis;
import jorn.layout.Node;
import jorn.layout.NodeKinds;
import jorn.layout.Placed;
import jorn.layout.Tree.Edge;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is in hand at the Make-up bench, and how far a change of it reaches. */
class PageWorkTest {
    @TempDir
    Path folder;

    private Desk desk;
    private PageWork work;

    @BeforeEach
    void aPlannerOnTheDesk() {
        desk = new Desk(Settings.load(folder), planner(), Runnable::run);
        work = new PageWork(desk);
        desk.page().set(8);
    }

    /** A year of weeks on two pages with a page for each month, on no grid. */
    private static Book planner() {
        Book dated = Starter.DATED_PLANNER.begin();
        Run month = Run.of("Month", design("month"), 1, Placement.Start.RECTO);
        Run weeks = Run.per(Span.WEEK, "Weeks", design("week-strips-left"), Placement.Start.VERSO)
                .facing(design("week-strips-right"));
        List<Run> runs = List.of(
                dated.runs().get(0),
                dated.runs().get(2),
                Run.of("Year", design("year"), 1, Placement.Start.RECTO),
                month,
                weeks,
                Run.of("Notes", design("month-notes"), 1, Placement.Start.ANYWHERE));
        return dated.withInterior(dated.interior()
                .withRuns(runs)
                .withCycles(List.of(new Cycle("Each month", Span.MONTH, 3, 6, Optional.empty())))
                .withFurniture(Furniture.NONE)
                .withPitch(Optional.empty()));
    }

    private static Node block(String id) {
        return NodeKinds.find(id).orElseThrow().fresh().get();
    }

    private static Recipe design(String id) {
        return Catalogue.find(id).orElseThrow().recipe();
    }

    /** On a page that is laid out from the right, left and right are those that are seen. */
    @Test
    void pagesLaidOutFromTheRightAreHandledAsTheyAreSeen() {
        desk.change("calendar", b -> b.withCalendar(b.calendar().withLanguage("he")));
        work.use(design("lists-four"));
        List<Placed> parts = work.parts();
        Divider upright =
                Divider.all(parts).stream().filter(Divider::upright).findFirst().orElseThrow();
        assertTrue(upright.first().x() > upright.second().x(), "the first of a row stands at the right");
        assertTrue(upright.near().right() <= upright.at()
                && upright.at() <= upright.far().x());
        assertEquals(
                Optional.of(upright),
                Divider.under(parts, upright.at(), upright.first().centreY(), 1));
        double before = upright.near().width();
        work.rework("divider", root -> upright.dragged(root, 30));
        Divider after = Divider.of(work.parts(), upright.container(), upright.before());
        assertEquals(before + 30, after.near().width(), 0.5, "dragged to the right, what is left of it grows");

        work.choosePart(Optional.of(upright.container().child(0)));
        work.insert(Edge.LEFT, block("writing"));
        Placed put = work.parts().stream()
                .filter(p -> p.path().equals(work.part().orElseThrow()))
                .findFirst()
                .orElseThrow();
        Placed beside = work.parts().stream()
                .filter(p -> p.path().equals(upright.container().child(0)))
                .findFirst()
                .orElseThrow();
        assertTrue(put.box().right() <= beside.box().x() + 0.01, "what is put at the left stands at the left");
    }

    @Test
    void pagesAreChosenOneByOneAndInARow() {
        work.togglePage(11);
        assertEquals(new TreeSet<>(List.of(8, 11)), new TreeSet<>(work.pages()));
        work.choosePagesTo(13);
        assertEquals(new TreeSet<>(List.of(8, 11, 12, 13)), new TreeSet<>(work.pages()));
        work.stretch(-1);
        assertEquals(12, desk.page().get());
        work.togglePage(12);
        assertEquals(new TreeSet<>(List.of(8, 11)), new TreeSet<>(work.pages()));
        desk.page().set(30);
        assertFalse(work.hasMany(), "turning to another page lets go of them");
    }

    @Test
    void aChangeReachesAllPagesOfTheDesign() {
        long sharing = work.sharing();
        assertTrue(sharing > 50);
        work.insert(Edge.BELOW, block("quote"));
        assertEquals("Quote", work.partName(), "what was put is chosen");
        desk.page().set(108);
        assertEquals("Quote", work.partName(), "and stays chosen on a page that looks alike");
        assertTrue(desk.book().runs().stream().allMatch(r -> r.exceptions().isEmpty()));
    }

    @Test
    void onlyThisWeekGetsADesignOfItsOwnAndCanGiveItBack() {
        work.setOnlyHere(true);
        String here = work.here();
        assertTrue(here.matches("week \\d+"), here);
        assertTrue(work.standsFor().matches("week \\d+, \\d+ \\w+ to \\d+ \\w+ \\d{4}"), work.standsFor());
        work.insert(Edge.BELOW, block("quote"));
        assertTrue(work.isException());
        desk.page().set(10);
        assertFalse(work.isException());
        assertFalse(work.isOnlyHere(), "said for one page, not for the next");
        desk.page().set(8);
        work.rejoin();
        assertFalse(work.isException());
        assertTrue(desk.book().runs().stream().allMatch(r -> r.exceptions().isEmpty()));
    }

    @Test
    void anotherDesignIsTakenForTheChosenPages() {
        work.choosePagesTo(9);
        work.use(design("dotted"));
        assertEquals("dotted", work.recipe().orElseThrow().id());
        desk.page().set(8);
        assertEquals("dotted", work.recipe().orElseThrow().id());
        desk.page().set(10);
        assertEquals("week-strips-left", work.recipe().orElseThrow().id());
    }

    @Test
    void splittingRemovingAndTakingBackKeepTheTreeWhole() {
        Recipe before = work.recipe().orElseThrow();
        work.stepPart(1);
        work.split(Axis.ACROSS);
        work.remove();
        assertEquals(Optional.empty(), work.part());
        work.stepPart(-1);
        work.border();
        work.replace(block("dots"));
        assertEquals("Dots", work.partName());
        while (desk.canUndo()) {
            desk.undo();
        }
        assertEquals(before, work.recipe().orElseThrow());
    }

    @Test
    void aPartOfARowGrowsWiderAndOneInABoxTallerWithItsBox() {
        Node row = jorn.layout.Stack.across(jorn.measure.Length.mm(4), block("heading"), block("heading"));
        Node day = jorn.block.paper.Framed.titled("", block("day"));
        Recipe boxes = new Recipe(
                "boxes",
                "Boxes",
                jorn.layout.Stack.down(
                        jorn.layout.Part.natural(row), jorn.layout.Part.share(1, day), jorn.layout.Part.share(1, day)));
        desk.change("design", b -> b.withRun(4, r -> r.withRecipe(boxes)));
        work.stepPart(1);
        double wide = box().width();
        work.grow(20);
        assertEquals(wide + 20, box().width(), 1);
        work.stepPart(2);
        assertEquals("Day", work.partName());
        double high = box().height();
        work.grow(20);
        assertEquals(high + 20, box().height(), 1);
        work.grow(-20);
        assertEquals(high, box().height(), 1);
    }

    private Box box() {
        return work.parts().stream()
                .filter(p -> p.path().equals(work.part().orElseThrow()))
                .findFirst()
                .orElseThrow()
                .box();
    }

    @Test
    void pagesThatComeRoundByTheCalendarAreNotTakenOut() {
        work.choosePagesTo(9);
        Trouble t = assertThrows(Trouble.class, work::takeOut);
        assertTrue(t.what().contains("comes round by the calendar"), t.what());
        work.choosePage(8);
        work.togglePage(12);
        assertThrows(Trouble.class, work::takeOut);
    }

    @Test
    void runsAreMovedPutInAndTakenOut() {
        desk.page().set(1);
        int runs = desk.book().runs().size();
        work.insertAfter(design("thanks"));
        assertEquals("thanks", work.recipe().orElseThrow().id());
        work.moveRun(1);
        assertEquals("thanks", desk.book().runs().get(2).recipe().id());
        work.removeRun();
        assertEquals(runs, desk.book().runs().size());
        work.changeRun(r -> r.withName("Other"));
        assertEquals("Other", work.run().orElseThrow().name());
    }

    /** "Put after them" gives a run of what the design shows, of another kind than there is, with its solutions. */
    @Test
    void aSecondRunOfPuzzlesAndOneOfPatternsCanBeAdded() {
        desk.lay(Starter.PUZZLE_BOOK.begin(), Optional.empty());
        int pages = desk.state().get().pagination().pageCount();
        long gathering = desk.book().runs().stream()
                .filter(r -> r.source() instanceof jorn.puzzle.run.Solutions)
                .count();
        work.choosePage(9);
        work.insertAfter(design("puzzles"));
        List<String> kinds = desk.book().runs().stream()
                .flatMap(r -> jorn.book.PuzzleRuns.of(r).stream())
                .map(p -> p.making().rules().id())
                .toList();
        assertEquals(2, kinds.size());
        assertEquals(2, kinds.stream().distinct().count(), kinds.toString());
        assertTrue(desk.state().get().pagination().pageCount() > pages + 20);
        assertEquals(
                gathering,
                desk.book().runs().stream()
                        .filter(r -> r.source() instanceof jorn.puzzle.run.Solutions)
                        .count());
        work.insertAfter(design("colouring"));
        assertEquals(
                1,
                desk.book().runs().stream()
                        .filter(r -> jorn.book.PatternRuns.of(r).isPresent())
                        .count());
    }
}
