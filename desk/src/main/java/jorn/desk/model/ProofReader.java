package jorn.desk.model;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Executor;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import jorn.book.Book;
import jorn.check.CheckRun;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.measure.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Checks the book whenever it has changed, beside the interface thread; whoever asked hears of what is found as it comes. A check of what is no longer
 * on the desk stops.
 */
final class ProofReader {
    /** While the book changes with every key, nothing is read in vain. */
    private static final long PAUSE_MILLIS = 40;

    private static final long PORTION = 20_000_000;
    /** What has been found so far is told so often. */
    private static final long TELL = 100_000_000;

    private final Executor later;
    private final boolean beside;
    private final Function<Book, Map<String, String>> others;
    private final ScheduledThreadPoolExecutor reader = new ScheduledThreadPoolExecutor(1, r -> {
        Thread t = new Thread(r, "proof reader");
        t.setDaemon(true);
        return t;
    });

    private volatile @Nullable Edition present;
    private List<Finding> last = List.of();

    /**
     * @param later runs something on the interface thread
     * @param others titles of the user's other books by their ISBN
     * @param beside whether there is an interface thread that must not wait; otherwise books are read at once
     */
    ProofReader(Executor later, boolean beside, Function<Book, Map<String, String>> others) {
        this.later = later;
        this.others = others;
        this.beside = beside;
        reader.setKeepAliveTime(5, TimeUnit.SECONDS);
        reader.allowCoreThreadTimeOut(true);
    }

    /**
     * Begins a check.
     *
     * @param then hears of more, on the interface thread, until all is known
     * @return what is known at once: of a book that is read beside, what was found in the book before, as far as its pages are still there
     */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself what it finds
    Findings read(Edition edition, Unit unit, Consumer<Findings> then) {
        Proof proof = new Proof(edition, unit, others.apply(edition.book()));
        if (!beside) {
            return new Findings(edition, Checker.check(proof), true);
        }
        present = edition;
        reader.schedule(() -> goOn(proof, then), PAUSE_MILLIS, TimeUnit.MILLISECONDS);
        return new Findings(edition, within(edition.pagination().pageCount()), false);
    }

    private List<Finding> within(int pages) {
        return last.stream().filter(f -> f.place().page() <= pages).toList();
    }

    private void goOn(Proof proof, Consumer<Findings> then) {
        Edition edition = proof.edition();
        if (present != edition) {
            return;
        }
        CheckRun run = heard(() -> Checker.begin(proof));
        long told = System.nanoTime();
        int known = 0;
        while (present == edition) {
            boolean whole = heard(() -> run.goOn(PORTION));
            List<Finding> so = run.findings();
            boolean news = so.size() > known && (known == 0 || System.nanoTime() - told > TELL);
            if (whole || news) {
                told = System.nanoTime();
                known = so.size();
                tell(new Findings(edition, so, whole), then);
            }
            if (whole) {
                return;
            }
        }
    }

    private void tell(Findings found, Consumer<Findings> then) {
        later.execute(() -> {
            if (present == found.of()) {
                last = found.all();
                then.accept(found);
            }
        });
    }

    /** What goes wrong is heard of like anything else that was not foreseen; the executor would keep it to itself. */
    private static <T> T heard(Supplier<T> deed) {
        try {
            return deed.get();
        } catch (RuntimeException | Error e) {
            Thread.UncaughtExceptionHandler hears = Thread.getDefaultUncaughtExceptionHandler();
            if (hears != null) {
                hears.uncaughtException(Thread.currentThread(), e);
            }
            throw e;
        }
    }
}
