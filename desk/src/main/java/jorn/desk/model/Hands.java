package jorn.desk.model;

import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;

/** Does what takes long beside the interface thread, one thing after the other. */
public final class Hands {
    private static final long LONGEST_SECONDS = 60;

    private final ThreadPoolExecutor one;
    private final Executor later;
    /** What came of it and has not been taken on the interface thread. */
    private final Queue<Runnable> come = new ConcurrentLinkedQueue<>();

    private final AtomicInteger open = new AtomicInteger();

    /**
     * @param what for the name of the thread
     * @param later runs something on the interface thread
     */
    public Hands(String what, Executor later) {
        one = new ThreadPoolExecutor(1, 1, 5, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), r -> {
            Thread t = new Thread(r, what);
            t.setDaemon(true);
            return t;
        });
        one.allowCoreThreadTimeOut(true);
        this.later = later;
    }

    /**
     * Fetches something.
     *
     * @param then gets it, on the interface thread
     * @param failed gets what went wrong, on the interface thread
     */
    public <T> void fetch(Callable<T> work, Consumer<T> then, Consumer<Throwable> failed) {
        open.incrementAndGet();
        one.execute(() -> {
            try {
                T fetched = work.call();
                come.add(() -> then.accept(fetched));
            } catch (Exception | Error e) {
                come.add(() -> failed.accept(e));
            }
            later.execute(this::take);
        });
    }

    /** Takes what has come. */
    private void take() {
        for (Runnable each = come.poll(); each != null; each = come.poll()) {
            open.decrementAndGet();
            each.run();
        }
    }

    /** Whether something was begun that has not been taken. */
    boolean isBusy() {
        return open.get() > 0;
    }

    /**
     * Waits until all is done that has been begun.
     *
     * @return whether it is; what takes longer than a minute goes on
     */
    boolean finish() {
        try {
            one.submit(() -> {}).get(LONGEST_SECONDS, TimeUnit.SECONDS);
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException | TimeoutException e) {
            Mishap.log(e);
        }
        return false;
    }

    /** Waits on the interface thread until all is done that has been begun, and takes it, with all that this begins in turn. */
    void finishHere() {
        while (isBusy() && finish()) {
            take();
        }
    }
}
