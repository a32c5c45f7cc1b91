package jorn.makeup;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jorn.art.Side;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.Cycle;
import jorn.book.Placement.Start;
import jorn.book.Run;
import jorn.book.Slot;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Occasion.Period;
import jorn.calendar.Span;
import jorn.content.Batch;
import jorn.content.Dates;
import jorn.content.Item;
import jorn.content.PartMonth;
import jorn.content.Request;
import jorn.content.Subjects;
import jorn.measure.Trouble;
import org.jspecify.annotations.Nullable;

/** Lays a book's runs one after the other, going round its cycles, once. */
final class RunLayer {
    /** More rounds than the days of the longest book: cycles inside of one another that make no page would go on for ever. */
    private static final int MOST_IDLE = 5000;

    /** What is settled before the runs are laid. */
    record Plan(int fill, int blanks, int placeOfBlanks, Function<Run, Request.Room> rooms) {}

    private final Book book;
    private final CalendarChoice calendar;
    private final Plan plan;
    private final List<Slot> slots = new ArrayList<>();
    private final int[] laid;
    private final int[] taken;
    private boolean filled;
    private int round;
    /** How often a cycle has come round since a page was last made. */
    private int idle;

    RunLayer(Book book, Plan plan) {
        this.book = book;
        this.calendar = book.calendar();
        this.plan = plan;
        this.laid = new int[book.runs().size()];
        this.taken = new int[book.runs().size()];
    }

    /** The stretch of time that runs lie in. */
    private record Stretch(Occasion occasion, Optional<Period> period) {}

    List<Slot> lay() {
        // Pages outside all cycles stand for the whole period.
        Occasion whole = calendar.from().map(d -> Occasion.of(Span.YEAR, d)).orElse(Occasion.NONE);
        Optional<Period> period =
                calendar.from().map(d -> new Period(d, calendar.to().orElseThrow()));
        runs(0, book.runs().size(), new Stretch(whole, period), Optional.empty());
        if (plan.placeOfBlanks() == book.runs().size()) {
            addBlanks(plan.blanks());
        }
        return slots;
    }

    private void runs(int from, int to, Stretch stretch, Optional<Cycle> within) {
        int i = from;
        while (i < to) {
            if (i == plan.placeOfBlanks() && within.isEmpty()) {
                addBlanks(plan.blanks());
            }
            Optional<Cycle> cycle = cycleAt(i, to, within);
            if (cycle.isPresent()) {
                rounds(cycle.get(), stretch, within);
                i = cycle.get().to();
            } else {
                run(i, stretch);
                i++;
            }
        }
    }

    private void rounds(Cycle cycle, Stretch stretch, Optional<Cycle> within) {
        for (Occasion occasion :
                Dates.occasions(cycle.per(), cycle.count(), stretch.occasion(), stretch.period(), calendar)) {
            if (within.isEmpty()) {
                round++;
            }
            if (++idle > MOST_IDLE) {
                throw Trouble.of("makeup.run-layer.makes-no-page", cycle.name());
            }
            Optional<Period> own =
                    occasion.from().map(d -> new Period(d, occasion.to().orElseThrow()));
            runs(cycle.from(), cycle.to(), clipped(new Stretch(occasion, own), stretch), Optional.of(cycle));
        }
        if (within.isEmpty()) {
            round = 0;
        }
    }

    /** A month at the edge of the period has only those of its days that the period has. */
    private static Stretch clipped(Stretch inner, Stretch outer) {
        if (inner.period().isEmpty()
                || outer.period().isEmpty()
                || inner.occasion().span().orElse(Span.DAY) == Span.WEEK) {
            return inner;
        }
        Period in = inner.period().get();
        Period out = outer.period().get();
        LocalDate from = in.from().isBefore(out.from()) ? out.from() : in.from();
        LocalDate to = in.to().isAfter(out.to()) ? out.to() : in.to();
        return new Stretch(inner.occasion(), Optional.of(new Period(from, to)));
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

    private void run(int index, Stretch stretch) {
        Run run = book.runs().get(index);
        if (run.isFilling()) {
            if (filled) {
                return;
            }
            filled = true;
        }
        int together = run.designs().together();
        Request request = new Request(
                stretch.occasion(),
                stretch.period(),
                calendar,
                together,
                plan.fill(),
                plan.rooms().apply(run),
                () -> slots.stream().map(Slot::subjects).toList());
        Start start =
                switch (run.source().opening()) {
                    case ANYWHERE -> run.start();
                    case RECTO -> Start.RECTO;
                    case VERSO -> Start.VERSO;
                };
        for (Batch batch : run.source().batches(request)) {
            alignTo(start);
            pages(index, run, batch, together, partOf(stretch.occasion()));
        }
    }

    /** The month that a stretch of the book stands for, where it stands for a dated one. */
    private static Optional<PartMonth> partOf(Occasion about) {
        return about.span().filter(s -> s == Span.MONTH).flatMap(s -> about.from()
                .map(d -> new PartMonth(d.getMonth())));
    }

    private void pages(int index, Run run, Batch batch, int together, Optional<PartMonth> part) {
        Item words = null;
        for (int i = 0; i < batch.pages().size(); i++) {
            int design = i % together;
            if (design == 0) {
                words = next(index, run);
            }
            Subjects own = batch.pages().get(i);
            Subjects subjects = part.map(own::with).orElse(own);
            idle = 0;
            slots.add(new Slot(
                    slots.size() + 1,
                    index,
                    laid[index]++,
                    design,
                    words == null ? subjects : subjects.with(words),
                    round));
            if (run.bareBack()) {
                addBlanks(1);
            }
            if (slots.size() > Brief.MOST_PAGES) {
                throw Trouble.of("makeup.run-layer.would-make-more-than", Brief.MOST_PAGES, run.name());
            }
        }
    }

    /** The next of the run's words; after the last the first comes again. */
    private @Nullable Item next(int index, Run run) {
        return run.inTurn().isEmpty()
                ? null
                : new Item(run.inTurn().get(taken[index]++ % run.inTurn().size()), 0);
    }

    private void alignTo(Start start) {
        Side next = Side.of(slots.size() + 1);
        if ((start == Start.RECTO && next == Side.VERSO) || (start == Start.VERSO && next == Side.RECTO)) {
            addBlanks(1);
        }
    }

    private void addBlanks(int blanks) {
        for (int i = 0; i < blanks; i++) {
            slots.add(Slot.blank(slots.size() + 1));
        }
    }
}
