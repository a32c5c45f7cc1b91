package jorn.desk.model;

import java.util.concurrent.Executor;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import jorn.check.CheckRun;
import jorn.check.Checker;
import jorn.check.Proof;
import jorn.edition.Edition;
import jorn.measure.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Checks the book whenever it has changed. Most books are checked before the next picture is due; the pages of a long one are
 * looked at beside the interface thread, and whoever asked hears of it then. A check of what is no longer on the desk stops.
 */
final class ProofReader {
    /** A quarter of the time between two pictures on a screen, in nanoseconds. */
    private static final long AT_ONCE = 4_000_000;

    /** The book is shown first; and while it changes with every key, nothing is read in vain. */
    private static final long PAUSE_MILLIS = 120;

    private static final long PORTION = 20_000_000;

    private final Executor later;
    private final ScheduledThreadPoolExecutor reader = new ScheduledThreadPoolExecutor(1, r -> {
        Thread t = new Thread(r, "proof reader");
        t.setDaemon(true);
        return t;
    });

    private volatile @Nullable Edition present;

    /** @param later runs something on the interface thread */
    ProofReader(Executor later) {
        this.later = later;
        reader.setKeepAliveTime(5, TimeUnit.SECONDS);
        reader.allowCoreThreadTimeOut(true);
    }

    /**
     * Begins a check.
     *
     * @param then hears of the rest, on the interface thread, where it is not whole at once
     * @return what is known at once
     */
    @SuppressWarnings("FutureReturnValueIgnored") // it tells itself what it finds
    Findings read(Edition edition, Unit unit, Consumer<Findings> then) {
        present = edition;
        CheckRun run = Checker.begin(new Proof(edition, unit));
        if (run.goOn(AT_ONCE)) {
            return new Findings(edition, run.findings(), true);
        }
        Findings soFar = new Findings(edition, run.findings(), false);
        reader.schedule(() -> goOn(edition, run, then), PAUSE_MILLIS, TimeUnit.MILLISECONDS);
        return soFar;
    }

    private void goOn(Edition edition, CheckRun run, Consumer<Findings> then) {
        while (present == edition) {
            if (goOn(run)) {
                Findings all = new Findings(edition, run.findings(), true);
                later.execute(() -> {
                    if (present == edition) {
                        then.accept(all);
                    }
                });
                return;
            }
        }
    }

    /** What goes wrong is heard of like anything else that was not foreseen; the executor would keep it to itself. */
    private boolean goOn(CheckRun run) {
        try {
            return run.goOn(PORTION);
        } catch (RuntimeException | Error e) {
            Thread.UncaughtExceptionHandler hears = Thread.getDefaultUncaughtExceptionHandler();
            if (hears != null) {
                hears.uncaughtException(Thread.currentThread(), e);
            }
            throw e;
        }
    }
}
