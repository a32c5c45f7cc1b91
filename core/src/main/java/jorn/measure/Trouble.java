package jorn.measure;

/**
 * Something that cannot be done, told in plain words to the person at the desk: what is wrong, and what to do about it.
 *
 * <p>Every refusal in Jorn is a {@code Trouble}, so that the window and the command line show the same two sentences and
 * never a stack trace.
 */
public final class Trouble extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String what;
    private final String remedy;

    private Trouble(String what, String remedy, Throwable cause) {
        super(what + " " + remedy, cause);
        this.what = what;
        this.remedy = remedy;
    }

    /**
     * @param what one sentence: what happened and why
     * @param remedy one sentence: what to do
     */
    public static Trouble of(String what, String remedy) {
        return new Trouble(what, remedy, null);
    }

    /** As {@link #of}, keeping the exception that led here for the log. */
    public static Trouble because(String what, String remedy, Throwable cause) {
        return new Trouble(what, remedy, cause);
    }

    /** What happened and why. */
    public String what() {
        return what;
    }

    /** What to do about it. */
    public String remedy() {
        return remedy;
    }
}
