package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import jorn.book.Placement.Start;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Span;
import jorn.makeup.Paginator;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Runs in another order, repeated, taken out: what a person does in the flat plan. */
class InsideTest {
    private static Run run(String name) {
        return Run.of(name, Catalogue.recipe("lined"), 1, Start.ANYWHERE);
    }

    /** A, [B, [C], D], E: the outer cycle by month, the inner by week. */
    private static Book nested() {
        return Starter.EMPTY
                .begin()
                .withRuns(List.of(run("A"), run("B"), run("C"), run("D"), run("E")))
                .withCycles(List.of(
                        new Cycle("months", Span.MONTH, 1, 4, Optional.of(2)),
                        new Cycle("weeks", Span.WEEK, 2, 3, Optional.of(3))));
    }

    private static String order(Book book) {
        StringBuilder order = new StringBuilder();
        Paginator.of(book).slots().stream()
                .filter(s -> !s.isBlank())
                .forEach(s -> order.append(book.runs().get(s.run()).name()));
        return order.toString();
    }

    @Test
    void theNestedBookGoesRoundAsItsCyclesSay() {
        assertEquals("A" + "BCCCD".repeat(2) + "E", order(nested()));
    }

    @Test
    void aRunThatJoinsACycleComesRoundWithIt() {
        assertEquals("A" + "BCCCDX".repeat(2) + "E", order(RunOrder.insert(nested(), 4, run("X"), true)));
        assertEquals("A" + "BCCCD".repeat(2) + "XE", order(RunOrder.insert(nested(), 4, run("X"), false)));
        assertEquals("AX" + "BCCCD".repeat(2) + "E", order(RunOrder.insert(nested(), 1, run("X"), false)));
    }

    @Test
    void aRunThatIsTakenOutLeavesTheOthersInTheirCycles() {
        assertEquals("A" + "BD".repeat(2) + "E", order(RunOrder.remove(nested(), 2)));
        assertEquals("A" + "CCCD".repeat(2) + "E", order(RunOrder.remove(nested(), 1)));
        assertEquals(1, RunOrder.remove(nested(), 2).cycles().size(), "the empty cycle goes too");
        Book single = Starter.EMPTY.begin().withCycles(List.of()).withRuns(List.of(run("A")));
        assertThrows(Trouble.class, () -> RunOrder.remove(single, 0));
    }

    @Test
    void aRunMovesWithinItsCycleAndOutOfIt() {
        assertEquals("A" + "CCCDB".repeat(2) + "E", order(RunOrder.move(nested(), 1, 4)));
        assertEquals("BA" + "CCCD".repeat(2) + "E", order(RunOrder.move(nested(), 1, 0)));
        assertEquals("E" + "A" + "BCCCD".repeat(2), order(RunOrder.move(nested(), 4, 0)));
        assertSame(nested().runs().size(), RunOrder.move(nested(), 1, 2).runs().size());
    }

    @Test
    void aWholeCycleMovesWithWhatLiesInIt() {
        Book book = nested();
        assertEquals(
                "BCCCD".repeat(2) + "AE",
                order(RunOrder.moveCycle(book, book.cycles().get(0), 0)));
        assertEquals(
                "AE" + "BCCCD".repeat(2),
                order(RunOrder.moveCycle(book, book.cycles().get(0), 5)));
    }

    @Property
    void noRunIsLostOrDoubledAndCyclesStayInside(
            @ForAll @IntRange(min = 0, max = 4) int run, @ForAll @IntRange(min = 0, max = 5) int to) {
        Book moved = RunOrder.move(nested(), run, to);
        Set<String> names = new HashSet<>();
        moved.runs().forEach(r -> assertTrue(names.add(r.name()), "twice: " + r.name()));
        assertEquals(Set.of("A", "B", "C", "D", "E"), names);
        for (Cycle c : moved.cycles()) {
            assertTrue(c.from() >= 0 && c.from() < c.to() && c.to() <= 5, c.toString());
        }
    }

    @Test
    void runsAreRepeatedTogetherUnlessThatCutsThroughACycle() {
        Book book = RunOrder.repeat(nested(), 0, 5, Span.QUARTER, Optional.of(4));
        assertEquals(("A" + "BCCCD".repeat(2) + "E").repeat(4), order(book));
        Trouble t = assertThrows(Trouble.class, () -> RunOrder.repeat(nested(), 3, 5, Span.WEEK, Optional.empty()));
        assertTrue(t.what().contains("months"), t.what());
        assertThrows(Trouble.class, () -> RunOrder.repeat(nested(), 1, 4, Span.WEEK, Optional.empty()));
    }

    @Test
    void aCycleIsChangedAndUndone() {
        Book book = nested();
        Cycle weeks = book.cycles().get(1);
        assertEquals(weeks, RunOrder.cyclesOf(book, 2).get(0), "the innermost first");
        Book twice = RunOrder.withCycle(book, weeks, Optional.of(weeks.withCount(Optional.of(2))));
        assertEquals("A" + "BCCD".repeat(2) + "E", order(twice));
        assertEquals("A" + "BCD".repeat(2) + "E", order(RunOrder.withCycle(book, weeks, Optional.empty())));
    }

    private static Book dated() {
        return Starter.WEEKLY_PLANNER
                .begin()
                .withCalendar(CalendarChoice.UNDATED.dated(LocalDate.of(2026, 1, 1), LocalDate.of(2026, 12, 31)));
    }

    @Test
    void oneWeekGetsADesignOfItsOwnAndKeepsItWhenThePeriodBeginsEarlier() {
        Book book = dated();
        Pagination pages = Paginator.of(book);
        var october = pages.slots().stream()
                .filter(s -> s.occasion().id(book.calendar().weeks()).equals("2026-W41"))
                .findFirst()
                .orElseThrow();
        Recipe dots = Catalogue.recipe("dotted");
        Book changed = RunOrder.redesign(book, pages, List.of(october.number()), r -> dots);
        assertEquals("dotted", changed.recipeOf(october).id());
        assertEquals(
                1,
                pages.slots().stream()
                        .filter(s -> !s.isBlank() && changed.recipeOf(s).id().equals("dotted"))
                        .count());
        Book earlier =
                changed.withCalendar(changed.calendar().dated(LocalDate.of(2025, 12, 1), LocalDate.of(2026, 12, 31)));
        List<String> dotted = new ArrayList<>();
        for (var s : Paginator.of(earlier).slots()) {
            if (!s.isBlank() && earlier.recipeOf(s).id().equals("dotted")) {
                dotted.add(s.occasion().id(book.calendar().weeks()));
            }
        }
        assertEquals(List.of("2026-W41"), dotted);
        assertEquals(
                book.runs(),
                RunOrder.rejoin(changed, pages, List.of(october.number())).runs());
    }

    @Test
    void allPagesOfARunChangeTheRunItself() {
        Book book = EarlierBooks.linedJournal();
        Pagination pages = Paginator.of(book);
        Set<Integer> lined = new TreeSet<>();
        pages.slots().stream().filter(s -> s.run() == 2).forEach(s -> lined.add(s.number()));
        Book changed = RunOrder.redesign(book, pages, lined, r -> Catalogue.recipe("dotted"));
        assertEquals("dotted", changed.runs().get(2).recipe().id());
        assertTrue(changed.runs().get(2).exceptions().isEmpty());
    }

    @Test
    void pagesAreTakenOutOfARunWithoutChangingThePageCount() {
        Book book = EarlierBooks.linedJournal();
        Pagination pages = Paginator.of(book);
        Book out = RunOrder.takeOut(book, pages, 21, 22);
        Pagination after = Paginator.of(out);
        assertEquals(pages.pageCount(), after.pageCount());
        assertEquals(book.runs().size() + 2, out.runs().size());
        assertEquals(3, after.page(21).run());
        assertEquals(3, after.page(22).run());
        assertEquals(4, after.page(23).run());
        assertFalse(out.runs().get(3).isFilling());
        assertTrue(out.runs().get(4).isFilling(), "the rest still fills the book");
    }

    @Test
    void pagesByTheCalendarStayWithTheirDates() {
        Book book = dated();
        Pagination pages = Paginator.of(book);
        int week = pages.slots().stream()
                .filter(s -> s.occasion().id(book.calendar().weeks()).equals("2026-W20"))
                .findFirst()
                .orElseThrow()
                .number();
        assertThrows(Trouble.class, () -> RunOrder.takeOut(book, pages, week, week));
    }
}
