package jorn.puzzle.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import jorn.chance.Dice;
import jorn.content.Memo;
import jorn.content.Shared;
import jorn.content.Worklist;
import jorn.measure.Trouble;
import jorn.puzzle.Puzzle;
import jorn.puzzle.PuzzleOrder;
import jorn.puzzle.PuzzleRules;
import jorn.puzzle.run.Making.Wanted;

/**
 * The puzzles of a run, made one after the other and kept. No two of them are alike. Safe to use from several threads: whoever asks for one
 * that is not there yet waits until it is, unless it is asked for by {@link #ready}.
 */
public final class PuzzleSet implements Worklist {
    private static final int PUZZLES_KEPT = 3000;
    private static final int MOST_ALIKE = 300;

    /** Puzzles that were made before: where one of a run is exchanged, or a change is undone, the others are there at once. */
    private static final Memo<Ordered, Puzzle> MADE = new Memo<>(PUZZLES_KEPT);

    /** Whoever shows pages of a set holds it. */
    private static final Shared<Making, PuzzleSet> SETS = new Shared<>();

    private final Making making;
    private final List<Wanted> wanted;
    /** The order in which they are made. */
    private final int[] turns;

    private final Map<Integer, Made> made = new HashMap<>();
    private final Map<Object, String> likenesses = new HashMap<>();
    /** Held while one is made; the rest of this can be asked meanwhile. */
    private final ReentrantLock hand = new ReentrantLock();

    private int next;
    private volatile boolean halted;

    private record Ordered(PuzzleRules rules, PuzzleOrder order) {}

    /** A puzzle, or why there is none. */
    private record Made(Optional<Puzzle> puzzle, Optional<Trouble> trouble) {}

    private PuzzleSet(Making making) {
        this.making = making;
        this.wanted = making.wanted();
        // Those that were exchanged or pinned come first, so that what comes by itself keeps clear of them.
        this.turns = IntStream.range(0, wanted.size())
                .boxed()
                .sorted(Comparator.comparing(
                        (Integer i) -> chosen(wanted.get(i)).isEmpty()))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    /** How somebody has chosen a puzzle, where somebody has. */
    private Optional<PuzzleChoice> chosen(Wanted one) {
        return one.grade().isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(making.chosen().get(one.key()));
    }

    /** The puzzles of a making; the same set for equal ones, as long as anybody holds it. */
    public static PuzzleSet of(Making making) {
        return SETS.of(making, PuzzleSet::new);
    }

    public Making making() {
        return making;
    }

    @Override
    public int size() {
        return wanted.size();
    }

    /** What names a puzzle in its making: {@code 2-7}. */
    public String key(int index) {
        return wanted.get(index).key();
    }

    @Override
    public synchronized int count() {
        return made.size();
    }

    @Override
    public synchronized int failed() {
        return (int) made.values().stream().filter(m -> m.trouble().isPresent()).count();
    }

    /**
     * A puzzle; waits until it is made.
     *
     * @param index from 0
     * @throws Trouble where it cannot be made
     */
    public Puzzle get(int index) {
        while (true) {
            Optional<Puzzle> there = ready(index);
            if (there.isPresent()) {
                return there.get();
            }
            if (halted) {
                throw Trouble.of("puzzle.run.halted");
            }
            step();
        }
    }

    /** Waits until a puzzle is made or cannot be, or making is stopped. */
    void await(int index) {
        while (!halted && !isMade(index)) {
            step();
        }
    }

    /**
     * A puzzle where it is made already.
     *
     * @throws Trouble where it cannot be made
     */
    public synchronized Optional<Puzzle> ready(int index) {
        Made there = made.get(index);
        if (there != null && there.trouble().isPresent()) {
            throw there.trouble().get();
        }
        if (there == null && halted) {
            throw Trouble.of("puzzle.run.halted");
        }
        return there == null ? Optional.empty() : there.puzzle();
    }

    /** Makes no more, so that whoever asks for one that is not there is refused; or goes on. */
    @Override
    public void halt(boolean stop) {
        halted = stop;
    }

    @Override
    public boolean isHalted() {
        return halted && count() < size();
    }

    @Override
    public void makeAll(IntConsumer on, BooleanSupplier cancelled) {
        while (count() < size() && !cancelled.getAsBoolean()) {
            step();
            on.accept(count());
        }
    }

    /** Makes the next one. */
    private void step() {
        hand.lock();
        try {
            if (next < turns.length) {
                int index = turns[next];
                Wanted one = wanted.get(index);
                keep(
                        index,
                        tried(() -> one.grade().isEmpty()
                                ? own(one)
                                : chosen(one).map(c -> chosen(one, c)).orElseGet(() -> fresh(one))));
                next++;
            }
        } finally {
            hand.unlock();
        }
    }

    private synchronized boolean isMade(int index) {
        return made.containsKey(index);
    }

    private synchronized void keep(int index, Made one) {
        made.put(index, one);
    }

    private interface Maker {
        Puzzle make();
    }

    private static Made tried(Maker maker) {
        try {
            return new Made(Optional.of(maker.make()), Optional.empty());
        } catch (Trouble t) {
            return new Made(Optional.empty(), Optional.of(t));
        }
    }

    private Puzzle own(Wanted one) {
        Puzzle puzzle = OwnGrids.puzzle(making.own().get(one.place()), making.rules());
        likenesses.put(puzzle.likeness(), one.key());
        return puzzle;
    }

    private Puzzle chosen(Wanted one, PuzzleChoice choice) {
        Puzzle puzzle = make(making.orderOf(one).seeded(choice.seed()));
        likenesses.put(puzzle.likeness(), one.key());
        return puzzle;
    }

    private Puzzle make(PuzzleOrder order) {
        return MADE.of(new Ordered(making.rules(), order), () -> making.rules().make(order));
    }

    /** One that is like no other. */
    private Puzzle fresh(Wanted one) {
        PuzzleOrder order = making.orderOf(one);
        long seed = order.seed();
        for (int i = 0; i < MOST_ALIKE; i++) {
            Puzzle puzzle = make(order.seeded(seed));
            if (likenesses.putIfAbsent(puzzle.likeness(), one.key()) == null) {
                return puzzle;
            }
            seed = Dice.seed(seed, 1);
        }
        throw Trouble.of(
                "puzzle.run.no-more", making.rules().word(), order.grade().word(), one.place());
    }

    /**
     * The seed of another puzzle in the place of one: of the same grade, and like none of the run. All are made first.
     *
     * @throws Trouble where there is no other, or the puzzle is one of the user's own
     */
    public PuzzleChoice another(int index) {
        Wanted one = wanted.get(index);
        if (one.grade().isEmpty()) {
            throw Trouble.of("puzzle.run.own-stays");
        }
        makeAll(n -> {}, () -> false);
        Set<Object> there = new HashSet<>();
        synchronized (this) {
            made.values().forEach(m -> m.puzzle().ifPresent(p -> there.add(p.likeness())));
        }
        long seed = choice(index).seed();
        for (int i = 0; i < MOST_ALIKE; i++) {
            seed = Dice.seed(seed, 1);
            if (there.add(make(making.orderOf(one).seeded(seed)).likeness())) {
                return new PuzzleChoice(seed, false);
            }
        }
        throw Trouble.of(
                "puzzle.run.no-more", making.rules().word(), one.grade().get().word(), one.place());
    }

    /** The choice that a puzzle stands for as it is, to be pinned. */
    public PuzzleChoice choice(int index) {
        Wanted one = wanted.get(index);
        Optional<PuzzleChoice> own = chosen(one);
        if (own.isPresent()) {
            return own.get();
        }
        PuzzleOrder order = making.orderOf(one);
        long seed = order.seed();
        Object likeness = get(index).likeness();
        // It may be one of the tries after the first, where that was like another one.
        for (int i = 0; i < MOST_ALIKE; i++) {
            if (make(order.seeded(seed)).likeness().equals(likeness)) {
                return new PuzzleChoice(seed, false);
            }
            seed = Dice.seed(seed, 1);
        }
        throw new IllegalStateException("no seed gives " + one.key());
    }

    /** All of them, in order; waits until they are made. */
    public List<Puzzle> all() {
        List<Puzzle> all = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            all.add(get(i));
        }
        return all;
    }
}
