package jorn.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Side;
import jorn.book.Pagination.Slot;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Occasion.Period;
import jorn.calendar.Span;
import jorn.measure.Trouble;

/** Lays a book's runs one after the other, going round its cycles. */
final class Layer {
    private final Book book;
    private final CalendarChoice calendar;
    private final int fill;
    private final int blanks;
    private final int placeOfBlanks;
    private final List<Slot> slots = new ArrayList<>();
    private final int[] laid;
    private final int[] taken;
    private boolean filled;
    private int round;

    Layer(Book book, int fill, int blanks, int placeOfBlanks) {
        this.book = book;
        this.calendar = book.calendar();
        this.fill = fill;
        this.blanks = blanks;
        this.placeOfBlanks = placeOfBlanks;
        this.laid = new int[book.runs().size()];
        this.taken = new int[book.runs().size()];
    }

    /** The stretch of time that runs lie in. */
    private record Stretch(Occasion occasion, Optional<LocalDate> from, Optional<LocalDate> to) {}

    List<Slot> lay() {
        // Pages outside all cycles stand for the whole period.
        Occasion whole = calendar.from().map(d -> Occasion.of(Span.YEAR, d)).orElse(Occasion.NONE);
        runs(0, book.runs().size(), new Stretch(whole, calendar.from(), calendar.to()), Optional.empty());
        if (placeOfBlanks == book.runs().size()) {
            Pagination.addBlanks(slots, blanks);
        }
        return slots;
    }

    private void runs(int from, int to, Stretch stretch, Optional<Cycle> within) {
        int i = from;
        while (i < to) {
            if (i == placeOfBlanks && within.isEmpty()) {
                Pagination.addBlanks(slots, blanks);
            }
            Optional<Cycle> cycle = cycleAt(i, to, within);
            if (cycle.isPresent()) {
                for (Occasion occasion :
                        occasions(cycle.get().per(), cycle.get().count(), stretch)) {
                    if (within.isEmpty()) {
                        round++;
                    }
                    Stretch inner = new Stretch(occasion, occasion.from(), occasion.to());
                    runs(i, cycle.get().to(), clipped(inner, stretch), cycle);
                }
                if (within.isEmpty()) {
                    round = 0;
                }
                i = cycle.get().to();
            } else {
                run(i, stretch);
                i++;
            }
        }
    }

    /** A month at the edge of the period has only those of its days that the period has. */
    private Stretch clipped(Stretch inner, Stretch outer) {
        if (inner.from().isEmpty()
                || outer.from().isEmpty()
                || inner.occasion().span().orElse(Span.DAY) == Span.WEEK) {
            return inner;
        }
        LocalDate from = inner.from().get().isBefore(outer.from().get())
                ? outer.from().get()
                : inner.from().get();
        LocalDate to = inner.to().get().isAfter(outer.to().get())
                ? outer.to().get()
                : inner.to().get();
        return new Stretch(inner.occasion(), Optional.of(from), Optional.of(to));
    }

    /** The widest cycle that begins at a run and lies inside the one that is being gone round. */
    private Optional<Cycle> cycleAt(int run, int end, Optional<Cycle> within) {
        Cycle widest = null;
        for (Cycle c : book.cycles()) {
            boolean inside = c.from() == run
                    && c.to() <= end
                    && !within.filter(c::equals).isPresent();
            boolean smaller = within.isEmpty()
                    || c.to() - c.from() < within.get().to() - within.get().from();
            if (inside && smaller && (widest == null || c.to() > widest.to())) {
                widest = c;
            }
        }
        return Optional.ofNullable(widest);
    }

    private List<Occasion> occasions(Span span, Optional<Integer> count, Stretch stretch) {
        List<Occasion> all = new ArrayList<>();
        if (stretch.from().isPresent()) {
            all.addAll(Occasion.in(
                    span,
                    new Period(stretch.from().get(), stretch.to().get()),
                    new Period(calendar.from().orElseThrow(), calendar.to().orElseThrow()),
                    calendar.weeks(),
                    calendar.straddle()));
            if (count.isEmpty()) {
                return all;
            }
        }
        boolean withinMonth =
                stretch.occasion().span().filter(s -> s == Span.MONTH).isPresent();
        int wanted = count.orElse(Cycle.customary(span, withinMonth));
        while (all.size() < wanted) {
            all.add(Occasion.undated(span, all.size() + 1));
        }
        return all.subList(0, wanted);
    }

    private void run(int index, Stretch stretch) {
        Run run = book.runs().get(index);
        if (run.isFilling()) {
            if (!filled) {
                filled = true;
                alignTo(run.start());
                pages(index, run, stretch.occasion(), fill);
            }
            return;
        }
        List<Occasion> occasions = new ArrayList<>();
        if (run.per().isPresent()) {
            for (Occasion occasion : occasions(run.per().get(), run.count(), stretch)) {
                occasions.add(inTurn(index, run, occasion));
            }
        } else if (!run.items().isEmpty() && run.count().isEmpty()) {
            for (String item : run.items()) {
                occasions.add(Occasion.item(item, occasions.size() + 1));
            }
        } else {
            alignTo(run.start());
            pages(index, run, stretch.occasion(), run.count().orElse(1));
            return;
        }
        for (Occasion occasion : occasions) {
            alignTo(run.start());
            pages(index, run, occasion, run.facing().isPresent() ? 2 : 1);
        }
    }

    /** The same occasion with the next of the run's items; after the last the first comes again. */
    private Occasion inTurn(int index, Run run, Occasion occasion) {
        return run.items().isEmpty()
                ? occasion
                : occasion.withItem(run.items().get(taken[index]++ % run.items().size()));
    }

    private void pages(int index, Run run, Occasion stretch, int count) {
        Occasion occasion = stretch;
        boolean counted = run.per().isEmpty() && run.count().isPresent();
        for (int i = 0; i < count; i++) {
            int design = run.facing().isPresent() ? i % 2 : 0;
            if (counted && design == 0) {
                occasion = inTurn(index, run, stretch);
            }
            slots.add(new Slot(slots.size() + 1, index, laid[index]++, design, occasion, round));
            if (run.bareBack()) {
                Pagination.addBlanks(slots, 1);
            }
            if (slots.size() > Brief.MOST_PAGES) {
                throw Trouble.of(
                        "This would make more than " + Brief.MOST_PAGES + " pages.",
                        "Shorten the period, or repeat less: “" + run.name() + "” makes most of them.");
            }
        }
    }

    private void alignTo(Run.Start start) {
        Side next = Side.of(slots.size() + 1);
        if (start == Run.Start.RECTO && next == Side.VERSO || start == Run.Start.VERSO && next == Side.RECTO) {
            Pagination.addBlanks(slots, 1);
        }
    }
}
