package jorn.desk.model;

import java.util.concurrent.Callable;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** Does what takes long beside the interface thread, one thing after the other. */
public final class Hands {
    private final ExecutorService one;
    private final Executor later;

    /**
     * @param what for the name of the thread
     * @param later runs something on the interface thread
     */
    public Hands(String what, Executor later) {
        ThreadPoolExecutor pool = new ThreadPoolExecutor(1, 1, 5, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), r -> {
            Thread t = new Thread(r, what);
            t.setDaemon(true);
            return t;
        });
        pool.allowCoreThreadTimeOut(true);
        this.one = pool;
        this.later = later;
    }

    /**
     * Fetches something.
     *
     * @param then gets it, on the interface thread
     * @param failed gets what went wrong, on the interface thread
     */
    public <T> void fetch(Callable<T> work, Consumer<T> then, Consumer<Throwable> failed) {
        one.execute(() -> {
            T fetched;
            try {
                fetched = work.call();
            } catch (Exception | Error e) {
                later.execute(() -> failed.accept(e));
                return;
            }
            later.execute(() -> then.accept(fetched));
        });
    }

    /** Waits until all is done that has been begun. */
    void finish() {
        try {
            one.submit(() -> {}).get(60, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.ExecutionException | java.util.concurrent.TimeoutException e) {
            Mishap.log(e);
        }
    }
}
