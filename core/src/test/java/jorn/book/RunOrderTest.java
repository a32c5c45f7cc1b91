package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jorn.book.Placement.Start;
import jorn.calendar.Span;
import jorn.makeup.Paginator;
import jorn.measure.Trouble;
import jorn.recipe.Catalogue;
import jorn.recipe.Recipe;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Whatever is done to the order of runs, each cycle goes on holding what it held, and nothing is lost. */
class RunOrderTest {
    private static Run run(String name, int pages) {
        return Run.of(name, Catalogue.recipe("lined"), pages, Start.ANYWHERE);
    }

    private static Book of(Run... runs) {
        return Starter.EMPTY.begin().withRuns(List.of(runs)).withCycles(List.of());
    }

    private static Set<String> names(Book book) {
        return book.runs().stream().map(Run::name).collect(Collectors.toCollection(TreeSet::new));
    }

    /** What each cycle holds, by its name. */
    private static TreeMap<String, Set<String>> held(Book book) {
        TreeMap<String, Set<String>> held = new TreeMap<>();
        for (Cycle c : book.cycles()) {
            Set<String> names = new TreeSet<>();
            book.runs().subList(c.from(), c.to()).forEach(r -> names.add(r.name()));
            held.put(c.name() + c.count().orElse(0), names);
        }
        return held;
    }

    @Test
    void aCycleIsNotMovedIntoTheMiddleOfOthersThatHoldTheSameRuns() {
        Book book = of(run("r1", 1), run("r2", 1), run("r3", 1), run("r4", 1));
        Cycle one = new Cycle("One", Span.WEEK, 0, 3, Optional.of(1));
        Cycle two = new Cycle("Two", Span.WEEK, 0, 3, Optional.of(2));
        Cycle last = new Cycle("Last", Span.WEEK, 3, 4, Optional.of(3));
        Book cycled = book.withCycles(List.of(one, two, last));
        assertEquals(cycled, RunOrder.moveCycle(cycled, last, 2));
        assertEquals("r4", RunOrder.moveCycle(cycled, last, 0).runs().get(0).name());
    }

    @Property(tries = 300)
    void whateverIsDoneNothingIsLostAndCyclesAreNestedOrApart(@ForAll long seed) {
        Random random = new Random(seed);
        Book book = of(run("r0", 1), run("r1", 1), run("r2", 1));
        int made = 3;
        for (int step = 0; step < 14; step++) {
            int n = book.runs().size();
            int at = random.nextInt(n + 1);
            int some = random.nextInt(n);
            TreeMap<String, Set<String>> before = held(book);
            Set<String> all = names(book);
            try {
                switch (random.nextInt(5)) {
                    case 0 -> {
                        String name = "r" + made++;
                        book = RunOrder.insert(book, at, run(name, 1), random.nextBoolean());
                        all.add(name);
                        // A cycle may have taken the new one in, and has lost none.
                        held(book).forEach((c, now) -> assertTrue(now.containsAll(before.get(c)), c));
                    }
                    case 1 -> {
                        if (n > 1) {
                            String name = book.runs().get(some).name();
                            book = RunOrder.remove(book, some);
                            all.remove(name);
                            before.values().forEach(s -> s.remove(name));
                            before.values().removeIf(Set::isEmpty);
                            assertEquals(before, held(book));
                        }
                    }
                    case 2 -> book = RunOrder.move(book, some, at, random.nextBoolean());
                    case 3 -> {
                        List<Cycle> outermost = outermost(book);
                        if (!outermost.isEmpty()) {
                            Cycle cycle = outermost.get(random.nextInt(outermost.size()));
                            List<Cycle> others = outermost.stream()
                                    .filter(c -> !c.equals(cycle))
                                    .toList();
                            boolean cuts = others.stream().anyMatch(c -> at > c.from() && at < c.to());
                            if (!cuts) {
                                book = RunOrder.moveCycle(book, cycle, at);
                                assertEquals(before, held(book));
                            }
                        }
                    }
                    default -> book = RunOrder.repeat(
                            book, Math.min(some, at), Math.max(some + 1, at), Span.WEEK, Optional.of(step + 1));
                }
            } catch (Trouble refused) {
                assertEquals(before, held(book), "a refusal changes nothing");
            }
            assertEquals(all, names(book));
            nestedOrApart(book);
        }
    }

    private static List<Cycle> outermost(Book book) {
        return book.cycles().stream()
                .filter(c ->
                        book.cycles().stream().noneMatch(o -> !o.equals(c) && o.from() <= c.from() && c.to() <= o.to()))
                .toList();
    }

    private static void nestedOrApart(Book book) {
        for (Cycle a : book.cycles()) {
            assertTrue(
                    a.from() >= 0 && a.from() < a.to() && a.to() <= book.runs().size(), a.toString());
            for (Cycle b : book.cycles()) {
                boolean apart = a.to() <= b.from() || b.to() <= a.from();
                boolean nested =
                        (a.from() <= b.from() && b.to() <= a.to()) || (b.from() <= a.from() && a.to() <= b.to());
                assertTrue(apart || nested, a + " and " + b);
            }
        }
    }

    @Test
    void theOnlyRunIsNeitherRemovedNorMoved() {
        Book one = of(run("A", 1));
        assertThrows(Trouble.class, () -> RunOrder.remove(one, 0));
        assertSame(one, RunOrder.move(one, 0, 0));
        assertSame(one, RunOrder.move(one, 0, 1));
    }

    @Test
    void aRepetitionThatCutsThroughAnotherIsRefusedAndSoIsTheSameOneAgain() {
        Book book = RunOrder.repeat(of(run("A", 1), run("B", 1), run("C", 1)), 0, 2, Span.WEEK, Optional.empty());
        assertThrows(Trouble.class, () -> RunOrder.repeat(book, 1, 3, Span.MONTH, Optional.empty()));
        assertThrows(Trouble.class, () -> RunOrder.repeat(book, 0, 2, Span.MONTH, Optional.empty()));
        assertEquals(
                2,
                RunOrder.repeat(book, 0, 3, Span.MONTH, Optional.empty())
                        .cycles()
                        .size());
        assertEquals(
                2,
                RunOrder.repeat(book, 0, 1, Span.DAY, Optional.empty()).cycles().size());
        assertEquals(
                2,
                RunOrder.repeat(book, 2, 3, Span.DAY, Optional.empty()).cycles().size());
    }

    @Test
    void aCycleIsChangedOrLetGoAndTheInnermostIsNamedFirst() {
        Book book = RunOrder.repeat(of(run("A", 1), run("B", 1), run("C", 1)), 0, 3, Span.MONTH, Optional.empty());
        Book two = RunOrder.repeat(book, 1, 2, Span.WEEK, Optional.empty());
        List<Cycle> of = RunOrder.cyclesOf(two, 1);
        assertEquals(List.of(1, 3), of.stream().map(c -> c.to() - c.from()).toList());
        assertEquals(1, RunOrder.cyclesOf(two, 0).size());
        Cycle inner = of.get(0);
        assertEquals(
                book.cycles(), RunOrder.withCycle(two, inner, Optional.empty()).cycles());
        Cycle days = inner.withPer(Span.DAY);
        assertTrue(RunOrder.withCycle(two, inner, Optional.of(days)).cycles().contains(days));
    }

    private static List<String> sizes(Book book) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < book.runs().size(); i++) {
            int run = i;
            long pages = Paginator.of(book).slots().stream()
                    .filter(s -> s.run() == run)
                    .count();
            all.add(book.runs().get(i).name() + " " + pages);
        }
        return all;
    }

    private static Book takenOut(Book book, int first, int last) {
        return RunOrder.takeOut(book, Paginator.of(book), first, last);
    }

    @Test
    void pagesAreTakenOutOfTheBeginningTheMiddleAndTheEndOfARun() {
        Book book = of(run("A", 10));
        assertEquals(List.of("A, taken out 3", "A 7"), sizes(takenOut(book, 1, 3)));
        assertEquals(List.of("A 4", "A, taken out 2", "A 4"), sizes(takenOut(book, 5, 6)));
        assertEquals(List.of("A 8", "A, taken out 2"), sizes(takenOut(book, 9, 10)));
        assertSame(book, takenOut(book, 1, 10), "all of it is the run itself");
    }

    @Test
    void ofARunThatFillsTheBookTheRestGoesOnFilling() {
        Book book = of(Run.filling("F", Catalogue.recipe("lined"), Start.ANYWHERE));
        int pages = Paginator.of(book).pageCount();
        Book middle = takenOut(book, 5, 6);
        assertEquals(pages, Paginator.of(middle).pageCount());
        assertTrue(middle.runs().get(2).isFilling());
        Book end = takenOut(book, pages - 1, pages);
        assertEquals(pages, Paginator.of(end).pageCount());
        assertTrue(end.runs().get(0).isFilling());
    }

    @Test
    void whatComesRoundOrIsOfTwoRunsIsNotTakenOut() {
        Book two = of(run("A", 4), run("B", 4));
        assertThrows(Trouble.class, () -> takenOut(two, 4, 5));
        Book round = RunOrder.repeat(two, 0, 1, Span.WEEK, Optional.of(2));
        assertThrows(Trouble.class, () -> takenOut(round, 1, 2));
    }

    @Test
    void aDesignOfSomePagesIsTheirsAndOfAllTheRuns() {
        Book book = of(run("A", 4), run("B", 2));
        Recipe dots = Catalogue.recipe("dotted");
        Book some = RunOrder.redesign(book, Paginator.of(book), List.of(2, 3), r -> dots);
        assertEquals(2, some.runs().get(0).exceptions().size());
        assertEquals(book.runs().get(0).recipe(), some.runs().get(0).recipe());
        Book all = RunOrder.redesign(book, Paginator.of(book), List.of(1, 2, 3, 4), r -> dots);
        assertEquals(dots, all.runs().get(0).recipe());
        assertTrue(all.runs().get(0).exceptions().isEmpty());
        assertEquals(book.runs().get(1), all.runs().get(1));
        Book back = RunOrder.rejoin(some, Paginator.of(some), List.of(2));
        assertEquals(1, back.runs().get(0).exceptions().size());
        Book odd = of(run("A", 3));
        int blank = Paginator.of(odd).pageCount();
        assertTrue(Paginator.of(odd).page(blank).isBlank());
        assertEquals(odd, RunOrder.redesign(odd, Paginator.of(odd), List.of(blank), r -> dots));
        assertEquals(odd, RunOrder.rejoin(odd, Paginator.of(odd), List.of(blank)));
    }
}
