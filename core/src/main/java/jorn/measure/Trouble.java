package jorn.measure;

import jorn.say.Message;
import org.jspecify.annotations.Nullable;

/**
 * Something that cannot be done, told in plain words to the person at the desk: what is wrong, and what to do about it.
 *
 * <p>Every refusal in Jorn is a {@code Trouble}, so that the window and the command line show the same two sentences and
 * never a stack trace.
 */
public final class Trouble extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** What the key of the second sentence has after the first's. */
    private static final String REMEDY = ".do";

    private final transient Message what;
    private final transient Message remedy;

    private Trouble(Message what, Message remedy, @Nullable Throwable cause) {
        super(what.key(), cause);
        this.what = what;
        this.remedy = remedy;
    }

    /**
     * @param key of the sentence that says what happened and why; the one that says what to do has {@code .do} after it
     * @param arguments of both sentences
     */
    public static Trouble of(String key, @Nullable Object... arguments) {
        return because(null, key, arguments);
    }

    /** As {@link #of(String, Object...)}, keeping the exception that led here for the log. */
    public static Trouble because(@Nullable Throwable cause, String key, @Nullable Object... arguments) {
        return new Trouble(Message.of(key, arguments), Message.of(key + REMEDY, arguments), cause);
    }

    /**
     * @param what one sentence: what happened and why
     * @param remedy one sentence: what to do
     */
    public static Trouble of(Message what, Message remedy) {
        return because(null, what, remedy);
    }

    /** As {@link #of(Message, Message)}, keeping the exception that led here for the log. */
    public static Trouble because(@Nullable Throwable cause, Message what, Message remedy) {
        return new Trouble(what, remedy, cause);
    }

    /** What happened and why. */
    public String what() {
        return what.text();
    }

    /** What to do about it. */
    public String remedy() {
        return remedy.text();
    }

    /** The first sentence as key and arguments. */
    public Message message() {
        return what;
    }

    /** The second sentence as key and arguments. */
    public Message remedyMessage() {
        return remedy;
    }

    @Override
    public String getMessage() {
        return what() + " " + remedy();
    }
}
