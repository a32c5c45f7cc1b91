package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jorn.book.Placement.Start;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.makeup.Paginator;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipes;
import org.junit.jupiter.api.Test;

class CycleTest {
    private static final CalendarChoice YEAR_2026 =
            CalendarChoice.UNDATED.dated(LocalDate.of(2026, 1, 1), LocalDate.of(2026, 12, 31));

    private static Map<String, Integer> byRun(Book book) {
        Map<String, Integer> count = new HashMap<>();
        for (Slot s : Paginator.of(book).slots()) {
            if (!s.isBlank()) {
                count.merge(book.runs().get(s.run()).name(), 1, Integer::sum);
            }
        }
        return count;
    }

    @Test
    void aDatedYearHasEveryDayEveryWeekAndEveryMonthOnce() {
        Map<String, Integer> pages = byRun(Starter.DAY_PLANNER.begin().withCalendar(YEAR_2026));
        assertEquals(365, pages.get("Days"));
        assertEquals(53, pages.get("Weeks"), "ISO 8601 gives 2026 53 weeks");
        assertEquals(12, pages.get("Month"));
    }

    @Test
    void aWeekOnTwoPagesAlwaysFacesItself() {
        Book book = Starter.WEEKLY_PLANNER.begin().withCalendar(YEAR_2026.withWeeks(WeekRule.SUNDAY));
        Pagination p = Paginator.of(book);
        assertTrue(p.slots().iterator().hasNext(), "there is something to look at");
        for (Slot s : p.slots()) {
            if (!s.isBlank() && book.runOf(s).recipe().id().equals("week-left") && s.design() == 0) {
                assertEquals(0, s.number() % 2, "on a verso");
                assertEquals(s.occasion(), p.page(s.number() + 1).occasion());
                assertEquals(1, p.page(s.number() + 1).design());
            }
        }
    }

    @Test
    void anUndatedYearHasFiveWeeksEachMonth() {
        Map<String, Integer> pages = byRun(Starter.UNDATED_PLANNER.begin());
        assertEquals(12, pages.get("Month"));
        assertEquals(12 * 5 * 2, pages.get("Weeks"));
    }

    /** The other school: always the same group, one month, five weeks, thirty-one days (common practice). */
    @Test
    void theSameGroupEveryMonthWhereACountIsGiven() {
        Book book = Starter.DAY_PLANNER.begin().withCalendar(YEAR_2026);
        Book same = book.withRuns(book.runs().stream()
                .map(r -> r.name().equals("Days")
                        ? r.withCount(Optional.of(31))
                        : r.name().equals("Weeks") ? r.withCount(Optional.of(5)) : r)
                .toList());
        assertEquals(12 * 31, byRun(same).get("Days"));
        assertEquals(12 * 5, byRun(same).get("Weeks"));
    }

    @Test
    void cyclesLieInsideOneAnother() {
        Book base = Starter.EMPTY
                .begin()
                .withCalendar(CalendarChoice.UNDATED.dated(LocalDate.of(2026, 3, 1), LocalDate.of(2026, 4, 30)));
        Book book = base.withRuns(List.of(
                        Run.of("Month", Catalogue.recipe("month"), 1, Start.ANYWHERE),
                        Run.of("Week", Catalogue.recipe("week"), 1, Start.ANYWHERE),
                        Run.per(Span.DAY, "Days", Catalogue.recipe("day-lines"), Start.ANYWHERE)))
                .withCycles(List.of(
                        new Cycle("Each month", Span.MONTH, 0, 3, Optional.empty()),
                        new Cycle("Each week", Span.WEEK, 1, 3, Optional.empty())));
        Map<String, Integer> pages = byRun(book);
        assertEquals(2, pages.get("Month"));
        assertTrue(pages.get("Week") >= 9, "weeks: " + pages);
        assertEquals(7 * pages.get("Week"), pages.get("Days"));
    }

    @Test
    void aListGivesAPageToEachOfItsItems() {
        Book book = Starter.EMPTY
                .begin()
                .withRuns(List.of(Run.of("Prompts", Catalogue.recipe("prompt"), 1, Start.ANYWHERE)
                        .withCount(Optional.empty())
                        .withItems(List.of("Why bees?", "Why honey?"))));
        Pagination p = Paginator.of(book);
        assertEquals("Why bees?", p.page(1).words());
        assertEquals("Why honey?", p.page(2).words());
        assertTrue(p.page(3).isBlank());
    }

    @Test
    void aListIsTakenInTurnWhereThePagesAreCountedOrComeByTheCalendar() {
        Run counted = Run.of("Prompts", Catalogue.recipe("prompt"), 5, Start.ANYWHERE)
                .withItems(List.of("Why bees?", "Why honey?"));
        Pagination p = Paginator.of(Starter.EMPTY.begin().withRuns(List.of(counted)));
        assertEquals(
                List.of("Why bees?", "Why honey?", "Why bees?", "Why honey?", "Why bees?"),
                p.slots().stream().limit(5).map(s -> s.words()).toList());
        Run weekly = counted.withCount(Optional.of(3)).withPer(Optional.of(jorn.calendar.Span.WEEK));
        Pagination weeks = Paginator.of(Starter.EMPTY.begin().withRuns(List.of(weekly)));
        assertEquals("Why bees?", weeks.page(3).words());
    }

    @Test
    void bareBacksFollowEachPage() {
        Book book = Starter.EMPTY
                .begin()
                .withRuns(List.of(Run.of("Pictures", Recipes.bare("Pictures"), 12, Start.RECTO)
                        .withBareBack(true)));
        Pagination p = Paginator.of(book);
        for (int n = 1; n <= 24; n++) {
            assertEquals(n % 2 == 0, p.page(n).isBlank());
        }
    }

    @Test
    void moreThanFiveThousandPagesAreRefusedInWords() {
        Book book = Starter.EMPTY
                .begin()
                .withRuns(List.of(Run.of("Days", Catalogue.recipe("blank"), 100, Start.ANYWHERE)))
                .withCycles(List.of(new Cycle("Each", Span.DAY, 0, 1, Optional.of(400))));
        Trouble t = assertThrows(Trouble.class, () -> Paginator.of(book));
        assertTrue(t.getMessage().contains("5000 pages") && t.getMessage().contains("“Days”"), t.getMessage());
    }

    @Test
    void cyclesThatMakeNoPageEndAtOnceWithASentence() {
        Run cover = Run.filling("Fill", Catalogue.recipe("blank"), Start.ANYWHERE);
        List<Run> runs = new java.util.ArrayList<>(java.util.Collections.nCopies(6, cover));
        List<Cycle> nested = new java.util.ArrayList<>();
        for (int i = 1; i < 6; i++) {
            nested.add(new Cycle("Round " + i, Span.DAY, i, 6, Optional.of(1000)));
        }
        Book book = Starter.EMPTY.begin().withRuns(runs).withCycles(nested);
        Trouble t = org.junit.jupiter.api.Assertions.assertTimeoutPreemptively(
                java.time.Duration.ofSeconds(5), () -> assertThrows(Trouble.class, () -> Paginator.of(book)));
        assertTrue(t.what().contains("makes no page"), t.what());
    }
}
