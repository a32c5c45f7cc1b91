package jorn.book;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import jorn.calendar.Span;
import jorn.measure.Trouble;
import jorn.recipe.Recipe;
import jorn.say.Wording;

/** Changes to the order and the make-up of a book's runs; cycles go along with the runs that they hold. */
public final class RunOrder {
    private RunOrder() {}

    /**
     * Puts a run between others.
     *
     * @param at index that it gets, from 0 to the number of runs
     * @param joining whether it joins a cycle that ends just there, or where none does, one that begins there
     */
    public static Book insert(Book book, int at, Run run, boolean joining) {
        List<Run> runs = new ArrayList<>(book.runs());
        runs.add(at, run);
        boolean oneEnds = book.cycles().stream().anyMatch(c -> c.to() == at);
        List<Cycle> cycles = book.cycles().stream()
                .map(c -> {
                    boolean before = at < c.from() || (at == c.from() && (!joining || oneEnds));
                    boolean inside = at < c.to() || (at == c.to() && joining);
                    return before ? c.moved(1, 1) : inside ? c.moved(0, 1) : c;
                })
                .toList();
        return book.withRuns(runs).withCycles(cycles);
    }

    /**
     * Takes a run out; a cycle that held nothing else goes with it.
     *
     * @throws Trouble where it is the only one
     */
    public static Book remove(Book book, int run) {
        if (book.runs().size() == 1) {
            throw Trouble.of("book.run-order.only-run-pages-book");
        }
        List<Run> runs = new ArrayList<>(book.runs());
        runs.remove(run);
        List<Cycle> cycles = new ArrayList<>();
        for (Cycle c : book.cycles()) {
            boolean holds = run >= c.from() && run < c.to();
            if (holds && c.to() - c.from() == 1) {
                continue;
            }
            cycles.add(holds ? c.moved(0, -1) : run < c.from() ? c.moved(-1, -1) : c);
        }
        return book.withCycles(List.of()).withRuns(runs).withCycles(cycles);
    }

    /**
     * Moves a run to another place in the order.
     *
     * @param to before which run, by the present order; the number of runs for the end
     */
    public static Book move(Book book, int run, int to) {
        return move(book, run, to, false);
    }

    /**
     * Moves a run to another place in the order.
     *
     * @param joining whether it joins a cycle that ends just there
     */
    public static Book move(Book book, int run, int to, boolean joining) {
        if (to == run || to == run + 1) {
            return book;
        }
        if (book.runs().size() == 1) {
            return book;
        }
        Run moved = book.runs().get(run);
        boolean within =
                book.cycles().stream().anyMatch(c -> run >= c.from() && run < c.to() && to >= c.from() && to <= c.to());
        Book without = remove(book, run);
        int place = to > run ? to - 1 : to;
        return insert(without, place, moved, within || joining);
    }

    /** Moves all runs of an outermost cycle together; see {@link #move}. Into the middle of another it is not moved. */
    public static Book moveCycle(Book book, Cycle cycle, int to) {
        if (to >= cycle.from() && to <= cycle.to()) {
            return book;
        }
        boolean cuts = book.cycles().stream()
                .filter(c -> c.from() < cycle.from() || c.to() > cycle.to())
                .anyMatch(c -> to > c.from() && to < c.to());
        if (cuts) {
            return book;
        }
        int n = cycle.to() - cycle.from();
        int by = to < cycle.from() ? to - cycle.from() : to - cycle.to();
        List<Run> runs = new ArrayList<>(book.runs());
        List<Run> moved = List.copyOf(runs.subList(cycle.from(), cycle.to()));
        runs.subList(cycle.from(), cycle.to()).clear();
        runs.addAll(cycle.from() + by, moved);
        List<Cycle> cycles = book.cycles().stream()
                .map(c -> {
                    if (c.from() >= cycle.from() && c.to() <= cycle.to()) {
                        return c.moved(by, by);
                    }
                    if (by < 0 && c.from() >= to && c.to() <= cycle.from()) {
                        return c.moved(n, n);
                    }
                    return by > 0 && c.from() >= cycle.to() && c.to() <= to ? c.moved(-n, -n) : c;
                })
                .toList();
        return book.withRuns(runs).withCycles(cycles);
    }

    /**
     * Repeats runs together.
     *
     * @param from first run
     * @param to after the last run
     * @throws Trouble where the stretch cuts through another cycle
     */
    public static Book repeat(Book book, int from, int to, Span per, Optional<Integer> count) {
        for (Cycle c : book.cycles()) {
            boolean apart = c.to() <= from || c.from() >= to;
            boolean nested = (c.from() >= from && c.to() <= to) || (from >= c.from() && to <= c.to());
            if (!apart && !nested) {
                throw Trouble.of("book.run-order.these-runs-begin-or", c.name());
            }
            if (c.from() == from && c.to() == to) {
                throw Trouble.of("book.run-order.these-runs-repeated-already", c.name());
            }
        }
        List<Cycle> cycles = new ArrayList<>(book.cycles());
        cycles.add(new Cycle(per.title(), per, from, to, count));
        return book.withCycles(cycles);
    }

    /** The same book with a cycle changed, or without it. */
    public static Book withCycle(Book book, Cycle cycle, Optional<Cycle> now) {
        List<Cycle> cycles = new ArrayList<>();
        for (Cycle c : book.cycles()) {
            if (!c.equals(cycle)) {
                cycles.add(c);
            } else {
                now.ifPresent(cycles::add);
            }
        }
        return book.withCycles(cycles);
    }

    /** The cycles that hold a run, the innermost first. */
    public static List<Cycle> cyclesOf(Book book, int run) {
        return book.cycles().stream()
                .filter(c -> run >= c.from() && run < c.to())
                .sorted((a, b) -> (a.to() - a.from()) - (b.to() - b.from()))
                .toList();
    }

    /**
     * Gives pages another design. A run of which all pages are meant changes as a whole; of any other, the pages get a
     * design of their own.
     *
     * @param pages page numbers; blanks among them are passed over
     */
    public static Book redesign(
            Book book, Pagination pagination, Collection<Integer> pages, UnaryOperator<Recipe> change) {
        Book now = book;
        Map<Variant, Recipe> changed = new HashMap<>();
        for (int page : new TreeSet<>(pages)) {
            Slot slot = pagination.page(page);
            if (slot.isBlank()) {
                continue;
            }
            boolean whole = pagination.slots().stream()
                    .filter(s -> s.run() == slot.run() && s.design() == slot.design())
                    .allMatch(s -> pages.contains(s.number()));
            // Equal designs stay one and the same, so that they are drawn once.
            Recipe design = changed.computeIfAbsent(book.variantOf(slot), k -> change.apply(book.recipeOf(slot)));
            now = now.withRun(
                    slot.run(),
                    r -> whole && book.exceptionOf(slot).isEmpty()
                            ? r.withDesign(slot.design(), design)
                            : r.withExceptions(with(
                                    r.exceptions(), slot.key(book.calendar().weeks()), design)));
        }
        return now;
    }

    private static Map<PageKey, Recipe> with(Map<PageKey, Recipe> all, PageKey key, Recipe design) {
        Map<PageKey, Recipe> now = new TreeMap<>(all);
        now.put(key, design);
        return now;
    }

    /** Gives pages back the design of their run. */
    public static Book rejoin(Book book, Pagination pagination, Collection<Integer> pages) {
        Book now = book;
        for (int page : pages) {
            Slot slot = pagination.page(page);
            if (!slot.isBlank()) {
                now = now.withRun(slot.run(), r -> {
                    Map<PageKey, Recipe> left = new TreeMap<>(r.exceptions());
                    left.remove(slot.key(book.calendar().weeks()));
                    return r.withExceptions(left);
                });
            }
        }
        return now;
    }

    /**
     * Makes a run of their own of pages that follow each other in a counted or filling run outside of cycles.
     *
     * @param first first page
     * @param last last page, of the same run
     * @throws Trouble where the run comes round by the calendar or in a cycle; its pages can have a design of their own
     */
    public static Book takeOut(Book book, Pagination pagination, int first, int last) {
        Slot from = pagination.page(first);
        Slot to = pagination.page(last);
        if (from.isBlank() || from.run() != to.run()) {
            throw Trouble.of("book.run-order.these-pages-not-one");
        }
        Run run = book.runs().get(from.run());
        boolean plain = run.per().isEmpty()
                && (run.count().isPresent() || run.isFilling())
                && cyclesOf(book, from.run()).isEmpty();
        if (!plain) {
            throw Trouble.of("book.run-order.comes-round-by-calendar", run.name());
        }
        int before = from.index();
        int count = to.index() - from.index() + 1;
        int whole = (int)
                pagination.slots().stream().filter(s -> s.run() == from.run()).count();
        int after = whole - before - count;
        if (before == 0 && after == 0) {
            return book;
        }
        Recipe design = book.recipeOf(from);
        Run own = Run.of(Wording.of("book.run-order.taken-out", run.name()), design, count, Placement.Start.ANYWHERE)
                .as(run.matter())
                .withDecorations(run.decorations());
        if (run.facing().isPresent() && count > 1) {
            own = own.facing(run.design(1 - from.design()));
        }
        List<Run> pieces = new ArrayList<>();
        if (before > 0) {
            pieces.add(run.withCount(Optional.of(before)).withExceptions(shifted(run.exceptions(), 0, before)));
        }
        pieces.add(own);
        if (after > 0) {
            Run rest = run.isFilling() ? run : run.withCount(Optional.of(after));
            pieces.add(rest.withExceptions(shifted(run.exceptions(), before + count, after))
                    .withStart(before > 0 || count > 0 ? Placement.Start.ANYWHERE : run.start())
                    .numbered(Numbering.CONTINUED)
                    .inContents(false));
        } else if (run.isFilling() && before > 0) {
            // The pages before go on filling, so that the book keeps its count.
            pieces.set(0, run.withExceptions(shifted(run.exceptions(), 0, before)));
        }
        Book now = book;
        now = now.withRun(from.run(), r -> pieces.get(0));
        for (int i = 1; i < pieces.size(); i++) {
            now = insert(now, from.run() + i, pieces.get(i), false);
        }
        return now;
    }

    /** Those exceptions of a run that fall into a piece of it, counted from the piece's start. */
    private static Map<PageKey, Recipe> shifted(Map<PageKey, Recipe> all, int skipped, int length) {
        Map<PageKey, Recipe> now = new TreeMap<>();
        all.forEach((key, design) -> {
            if (key instanceof PageKey.Counted counted) {
                int place = counted.place() - skipped;
                if (place >= 1 && place <= length) {
                    now.put(new PageKey.Counted(place), design);
                }
            }
        });
        return now;
    }
}
