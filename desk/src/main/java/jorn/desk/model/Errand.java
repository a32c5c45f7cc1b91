package jorn.desk.model;

import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import jorn.measure.Trouble;

/**
 * Work beside the window that is about the book on the desk: its inputs are captured by whoever begins it, and what comes of it is heard only where
 * it is still asked for. A newer errand stops the one before. Used on the interface thread, other than the work itself.
 */
public final class Errand {
    private final Desk desk;
    private final Hands hands;
    private AtomicBoolean stopped = new AtomicBoolean();

    /**
     * The work itself. It reads nothing of the window.
     *
     * @param <T> what comes of it
     */
    public interface Task<T> {
        /**
         * Does it, on another thread.
         *
         * @param stopped asked now and then; it may throw a {@link CancellationException} then
         * @throws Exception where it fails
         */
        T run(BooleanSupplier stopped) throws Exception;
    }

    /**
     * Who hears of it, on the interface thread.
     *
     * @param <T> what comes of it
     */
    public interface Heard<T> {
        /** It is done, and the same book lies on the desk. */
        void done(T result);

        /** It failed. */
        void failed(Trouble why);

        /** It was stopped by hand. */
        default void stopped() {
            // Nothing is left to say.
        }

        /** It is done, but another book lies on the desk by now. */
        default void elsewhere(T result) {
            // Whoever looks at another book has no use for it.
        }
    }

    /** @param what for the name of the thread */
    public Errand(Desk desk, String what, Executor later) {
        this.desk = desk;
        this.hands = new Hands(what, later);
    }

    /** Begins it; what was begun before is stopped and not heard of any more. */
    public <T> void begin(Task<T> work, Heard<T> heard) {
        stopped.set(true);
        AtomicBoolean own = new AtomicBoolean();
        stopped = own;
        UUID on = desk.book().identity().id();
        hands.fetch(
                () -> work.run(own::get),
                result -> {
                    if (own == stopped) {
                        boolean here = desk.book().identity().id().equals(on);
                        desk.attempt(() -> {
                            if (here) {
                                heard.done(result);
                            } else {
                                heard.elsewhere(result);
                            }
                        });
                    }
                },
                e -> {
                    if (own == stopped && e instanceof CancellationException) {
                        heard.stopped();
                    } else if (own == stopped) {
                        heard.failed(Mishap.told(e));
                    }
                });
    }

    /** Stops what is being done; it is heard of once it has stopped. */
    public void stop() {
        stopped.set(true);
    }
}
