package jorn.desk.model;

import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jorn.book.Book;
import jorn.book.PuzzleRuns;
import jorn.puzzle.run.PuzzleSet;

/**
 * Makes the puzzles of the book on the desk, beside the interface thread, one after the other; whoever shows pages hears of them as they come.
 * Used on the interface thread, other than what it makes.
 */
public final class PuzzleMaking {
    /** So often it is told how far it is, and that pages can be shown anew. */
    private static final long TELL = 150_000_000;

    /** While a number is typed, nothing is made in vain. */
    private static final long PAUSE_MILLIS = 60;

    private final Executor later;
    private final boolean beside;
    private final ReadOnlyObjectWrapper<HowFar> howFar = new ReadOnlyObjectWrapper<>(new HowFar(0, 0, false));
    private final ScheduledThreadPoolExecutor maker = new ScheduledThreadPoolExecutor(1, r -> {
        Thread t = new Thread(r, "puzzle maker");
        t.setDaemon(true);
        return t;
    });
    private volatile List<PuzzleSet> present = List.of();

    /**
     * How far it is.
     *
     * @param made puzzles that are there
     * @param wanted puzzles of the book
     * @param stopped whether somebody stopped it before all were there
     */
    public record HowFar(int made, int wanted, boolean stopped) {
        public boolean isDone() {
            return made >= wanted;
        }
    }

    /**
     * @param later runs something on the interface thread
     * @param beside whether there is an interface thread; otherwise puzzles are made when they are asked for
     */
    PuzzleMaking(Executor later, boolean beside) {
        this.later = later;
        this.beside = beside;
        maker.setKeepAliveTime(5, TimeUnit.SECONDS);
        maker.allowCoreThreadTimeOut(true);
    }

    /** Hears of how far it is, and of every step. */
    public ReadOnlyObjectProperty<HowFar> howFar() {
        return howFar.getReadOnlyProperty();
    }

    /** Makes the puzzles of a book; those of another one are given up. */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself how far it is
    void attend(Book book) {
        List<PuzzleSet> sets = book.runs().stream()
                .flatMap(r -> PuzzleRuns.of(r).stream())
                .map(p -> PuzzleSet.of(p.making()))
                .distinct()
                .toList();
        if (!beside || sets.equals(present)) {
            return;
        }
        present = sets;
        tell(sets);
        if (sets.stream().anyMatch(s -> s.count() < s.size())) {
            maker.schedule(() -> make(sets), PAUSE_MILLIS, TimeUnit.MILLISECONDS);
        }
    }

    @SuppressWarnings("ReferenceEquality") // the very same list is meant: another book has another one
    private boolean isGivenUp(List<PuzzleSet> sets) {
        return present != sets;
    }

    private void make(List<PuzzleSet> sets) {
        long[] told = {System.nanoTime()};
        for (PuzzleSet set : sets) {
            set.makeAll(
                    n -> {
                        if (System.nanoTime() - told[0] > TELL) {
                            told[0] = System.nanoTime();
                            later.execute(() -> tell(sets));
                        }
                    },
                    () -> isGivenUp(sets) || set.isHalted());
        }
        later.execute(() -> tell(sets));
    }

    private void tell(List<PuzzleSet> sets) {
        if (!isGivenUp(sets)) {
            howFar.set(new HowFar(
                    sets.stream().mapToInt(PuzzleSet::count).sum(),
                    sets.stream().mapToInt(PuzzleSet::size).sum(),
                    sets.stream().anyMatch(PuzzleSet::isHalted)));
        }
    }

    /** Makes no more of this book's puzzles; pages without one say so. */
    void stop() {
        present.forEach(s -> s.halt(true));
        tell(present);
    }

    /** Goes on. */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself how far it is
    void goOn() {
        List<PuzzleSet> sets = present;
        sets.forEach(s -> s.halt(false));
        tell(sets);
        maker.execute(() -> make(sets));
    }
}
