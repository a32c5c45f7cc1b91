package jorn.desk.model;

import jorn.measure.Trouble;
import jorn.say.Message;

/**
 * What the window says until it is put away: what went wrong, or what was done where it cannot be seen at once.
 *
 * @param what what happened
 * @param next what to do now, or where to find it
 * @param good whether nothing went wrong
 */
public record Notice(Message what, Message next, boolean good) {
    /** Something cannot be done. */
    public static Notice of(Trouble trouble) {
        return new Notice(trouble.message(), trouble.remedyMessage(), false);
    }

    /**
     * Something was done.
     *
     * @param key of what was done; what to do now has {@code .do} after it
     */
    public static Notice done(String key, Object... arguments) {
        return new Notice(Message.of(key, arguments), Message.of(key + ".do", arguments), true);
    }

    /** Both sentences. */
    public String text() {
        return what.text() + " " + next.text();
    }
}
