package jorn.desk.model;

import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jorn.book.Book;
import jorn.content.Worklist;
import jorn.measure.Trouble;

/**
 * Makes the puzzles and pictures of the book on the desk, beside the interface thread, one after the other; whoever shows pages hears of them as they come.
 * Used on the interface thread, other than what it makes.
 */
public final class ContentMaking {
    /** So often it is told how far it is, and that pages can be shown anew. */
    private static final long TELL = 150_000_000;

    /** While a number is typed, nothing is made in vain. */
    private static final long PAUSE_MILLIS = 60;

    private final Executor later;
    private final boolean beside;
    private final ReadOnlyObjectWrapper<HowFar> howFar = new ReadOnlyObjectWrapper<>(new HowFar(0, 0, false));
    private final ScheduledThreadPoolExecutor maker = new ScheduledThreadPoolExecutor(1, r -> {
        Thread t = new Thread(r, "content maker");
        t.setDaemon(true);
        return t;
    });
    private final Consumer<Trouble> failed;
    private volatile List<Worklist> present = List.of();

    /**
     * How far it is.
     *
     * @param made how many are there
     * @param wanted how many the book has
     * @param stopped whether somebody stopped it before all were there
     */
    public record HowFar(int made, int wanted, boolean stopped) {
        public boolean isDone() {
            return made >= wanted;
        }
    }

    /**
     * @param later runs something on the interface thread
     * @param beside whether there is an interface thread; otherwise all is made when it is asked for
     * @param failed hears of what went wrong, on the interface thread
     */
    ContentMaking(Executor later, boolean beside, Consumer<Trouble> failed) {
        this.failed = failed;
        this.later = later;
        this.beside = beside;
        maker.setKeepAliveTime(5, TimeUnit.SECONDS);
        maker.allowCoreThreadTimeOut(true);
    }

    /** Hears of how far it is, and of every step. */
    public ReadOnlyObjectProperty<HowFar> howFar() {
        return howFar.getReadOnlyProperty();
    }

    /** Makes what the runs of a book have; what another one had is given up. */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself how far it is
    void attend(Book book) {
        List<Worklist> sets = book.runs().stream()
                .flatMap(r -> r.source().worklist().stream())
                .distinct()
                .toList();
        if (!beside || sets.equals(present)) {
            return;
        }
        present = sets;
        tell(sets);
        sets.forEach(s -> s.onWanted(() -> later.execute(() -> again(sets))));
        if (sets.stream().anyMatch(s -> s.count() < s.size())) {
            maker.schedule(() -> heard(sets), PAUSE_MILLIS, TimeUnit.MILLISECONDS);
        }
    }

    /** Something is shown that was not known of. */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself how far it is
    private void again(List<Worklist> sets) {
        if (!isGivenUp(sets)) {
            tell(sets);
            maker.execute(() -> heard(sets));
        }
    }

    /** What goes wrong is told like anything else that was not foreseen; the executor would keep it to itself. */
    private void heard(List<Worklist> sets) {
        try {
            make(sets);
        } catch (RuntimeException | Error e) {
            Trouble told = Mishap.told(e);
            later.execute(() -> {
                failed.accept(told);
                tell(sets);
            });
        }
    }

    @SuppressWarnings("ReferenceEquality") // the very same list is meant: another book has another one
    private boolean isGivenUp(List<Worklist> sets) {
        return present != sets;
    }

    private void make(List<Worklist> sets) {
        long[] told = {System.nanoTime()};
        for (Worklist set : sets) {
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

    private void tell(List<Worklist> sets) {
        if (!isGivenUp(sets)) {
            howFar.set(new HowFar(
                    sets.stream().mapToInt(Worklist::count).sum(),
                    sets.stream().mapToInt(Worklist::size).sum(),
                    sets.stream().anyMatch(Worklist::isHalted)));
        }
    }

    /** Makes no more for this book; pages that lack something say so. */
    void stop() {
        present.forEach(s -> s.halt(true));
        tell(present);
    }

    /** Goes on. */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself how far it is
    void goOn() {
        List<Worklist> sets = present;
        sets.forEach(s -> s.halt(false));
        tell(sets);
        maker.execute(() -> heard(sets));
    }
}
