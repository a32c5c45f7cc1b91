package jorn.content;

import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;

/** What a run makes piece by piece, and keeps: puzzles, pictures. Safe to use from several threads. */
public interface Worklist {
    /** How many pieces there are. */
    int size();

    /** How many are made, or known not to be possible. */
    int count();

    /** How many of these cannot be made. */
    default int failed() {
        return 0;
    }

    /**
     * Makes all that are not made.
     *
     * @param on hears how many are there, after each
     * @param cancelled asked before each
     */
    void makeAll(IntConsumer on, BooleanSupplier cancelled);

    /** Makes no more, or goes on. */
    void halt(boolean stop);

    boolean isHalted();

    /** Who hears that a piece is wanted that is not made, after all that were known of were made. */
    default void onWanted(Runnable listener) {
        // All that can be wanted is known from the beginning.
    }
}
