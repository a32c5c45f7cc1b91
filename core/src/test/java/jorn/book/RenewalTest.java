package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jorn.block.page.Opener;
import jorn.block.paper.Ruling;
import jorn.calendar.Span;
import jorn.edition.Edition;
import jorn.layout.Grid;
import jorn.makeup.Paginator;
import jorn.measure.Length;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import jorn.recipe.Recipes;
import jorn.style.StyleShelf;
import org.junit.jupiter.api.Test;

/** Books of before there were styles keep what they are until the user chooses one; starters are whole books. */
class RenewalTest {
    @Test
    void anEarlierBookKeepsItsMarginsAndHasNoGrid() {
        Book earlier = EarlierBooks.linedJournal();
        assertTrue(Renewal.isNeeded(earlier));
        assertEquals(Grid.FREE, earlier.grid());
        assertEquals(StyleShelf.plain(), earlier.style());
        var page = Edition.of(earlier).geometry();
        assertEquals(page.requiredGutter().length(), page.gutter().length());
        assertEquals(page.requiredOutside().length(), page.outside().length());
    }

    @Test
    void withAStyleItTakesPitchMarginsAndTodaysDesigns() {
        Recipe own = new Recipe("mine", "Mine", new Opener("Mine", ""));
        Recipe old = new Recipe(
                "lined",
                "Lined",
                Recipes.lined(Ruling.customary().withSpacing(Length.mm(8.7))).root());
        Book earlier = EarlierBooks.linedJournal()
                .withRuns(List.of(
                        Run.of("Mine", own, 1, Placement.Start.ANYWHERE),
                        Run.filling("Lines", old, Placement.Start.ANYWHERE)));
        Book now = Renewal.in(earlier, StyleShelf.of("ledger"));
        assertFalse(Renewal.isNeeded(now));
        assertEquals(own, now.runs().get(0).recipe(), "a design of the user's own stays");
        assertEquals(
                Length.mm(8.7),
                now.runs().get(1).recipe().ruling().orElseThrow().spacing(),
                "and so does the ruling");
        assertEquals(Optional.of("design"), now.margins().school());
        assertTrue(now.grid().snaps());
        Book narrow = earlier.withMargins(earlier.margins().withGutter(Optional.of(Length.mm(20))));
        assertEquals(
                narrow.margins(), Renewal.in(narrow, StyleShelf.of("ledger")).margins(), "own margins stay");
    }

    @Test
    void startersAreWholeBooks() {
        for (Starter starter : List.of(Starter.DATED_PLANNER, Starter.DAY_PLANNER, Starter.WEEK_DAY_PLANNER)) {
            Book book = starter.begin();
            List<String> designs =
                    book.runs().stream().map(r -> r.recipe().id()).toList();
            assertTrue(
                    designs.containsAll(List.of(
                            "title",
                            "copyright",
                            "belongs-to",
                            "how-to-use",
                            "key-page",
                            "year",
                            "holidays",
                            "goals-year",
                            "notes",
                            "thanks")),
                    starter.id() + " " + designs);
            assertTrue(book.furniture().folio().isPresent() && book.furniture().monthMarks());
        }
        Book dated = Starter.DATED_PLANNER.begin();
        List<String> month = dated
                .runs()
                .subList(dated.cycles().get(0).from(), dated.cycles().get(0).to())
                .stream()
                .map(r -> r.recipe().id())
                .toList();
        assertEquals(List.of("month-opener", "month-left", "week-left", "month-review"), month);
    }

    @Test
    void openersStandOnRectosAndMonthsOpenFlatWithoutBlanksBetween() {
        Book book = Starter.DATED_PLANNER.begin();
        book = book.withCalendar(book.calendar().dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31)));
        Pagination pages = Paginator.of(book);
        int openers = 0;
        int first = 0;
        for (Slot slot : pages.slots()) {
            if (!slot.isBlank() && book.runOf(slot).recipe().id().equals("month-opener")) {
                openers++;
                assertEquals(1, slot.number() % 2);
                first = first == 0 ? slot.number() : first;
            }
        }
        assertEquals(12, openers);
        int from = first;
        assertTrue(pages.slots().stream()
                .filter(s -> s.number() > from && s.number() < pages.pageCount() - 2)
                .noneMatch(Slot::isBlank));
    }

    @Test
    void weeksStandBeforeTheDaysOfTheirMonthOrAmongThem() {
        Book among = Starter.WEEK_DAY_PLANNER.begin();
        among = among.withCalendar(among.calendar().dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31)));
        List<Slot> slots = Paginator.of(among).slots();
        Book book = among;
        List<String> order = slots.stream()
                .filter(s -> !s.isBlank())
                .map(s -> book.runOf(s).recipe().id())
                .filter(id -> id.equals("week-todo") || id.equals("day-priorities"))
                .toList();
        assertEquals("week-todo", order.get(0));
        long days = order.stream().filter("day-priorities"::equals).count();
        assertEquals(53 * 7, days, "whole weeks, with the days of the years beside at both ends");
        assertEquals(53, order.size() - days, "weeks that 2027 touches");
        int second = order.subList(1, order.size()).indexOf("week-todo");
        assertTrue(second <= 7, "a week's plan, then its days");
    }

    @Test
    void copyrightHasTheYearInWhichTheBookBegan() {
        Book book = Starter.LINED_JOURNAL.begin().withAuthor("Skep & Sedge");
        String text = book.runs().get(1).recipe().root().toString();
        assertTrue(
                text.contains(
                        "© " + LocalDate.now(java.time.ZoneId.systemDefault()).getYear()),
                text);
        assertFalse(text.contains("year.made"));
    }

    @Test
    void everyDesignOfTheCatalogueSaysWhatItStandsForAndWhatFacesIt() {
        assertEquals(
                Optional.of(Span.WEEK),
                Catalogue.find("week-left").orElseThrow().span());
        assertEquals(
                Optional.of(Span.MONTH), Catalogue.find("habits").orElseThrow().span());
        assertEquals(Optional.empty(), Catalogue.find("lined").orElseThrow().span());
        assertEquals(
                "week-right",
                Catalogue.find("week-left").orElseThrow().facing().orElseThrow().id());
        assertTrue(Catalogue.find("week").orElseThrow().facing().isEmpty());
        for (Catalogue.Entry entry : Catalogue.all()) {
            assertTrue(!entry.id().endsWith("-left") || entry.facing().isPresent(), entry.id());
        }
    }
}
