package jorn.content;

/**
 * Marks threads that must not wait, such as that of a window: on these, pages show what is not made yet as not made. All other threads wait
 * until it is, so that whatever is written or checked is whole.
 */
public final class Hurry {
    private static final ThreadLocal<Boolean> ON = ThreadLocal.withInitial(() -> false);

    private Hurry() {}

    /** Marks this thread, for good. */
    public static void mark() {
        ON.set(true);
    }

    /** Whether this thread must not wait. */
    public static boolean isOn() {
        return ON.get();
    }
}
