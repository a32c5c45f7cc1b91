package jorn.desk.model;

import java.util.List;
import jorn.measure.Trouble;
import jorn.say.Message;

/**
 * What the window says until it is put away: what went wrong, what was done where it cannot be seen at once, or a question.
 *
 * @param what what happened
 * @param next what to do now, or where to find it
 * @param good whether nothing went wrong
 * @param undoable whether it tells of a change that one step back undoes; such a notice goes with the next change
 * @param choices answers to a question; none where it is none
 */
public record Notice(Message what, Message next, boolean good, boolean undoable, List<Choice> choices) {
    /**
     * An answer to a question.
     *
     * @param id of its button
     * @param words on its button
     * @param deed what is then done
     */
    public record Choice(String id, String words, Runnable deed) {}

    public Notice {
        choices = List.copyOf(choices);
    }

    /** Something cannot be done. */
    public static Notice of(Trouble trouble) {
        return new Notice(trouble.message(), trouble.remedyMessage(), false, false, List.of());
    }

    /**
     * Something was done.
     *
     * @param key of what was done; what to do now has {@code .do} after it
     */
    public static Notice done(String key, Object... arguments) {
        return new Notice(Message.of(key, arguments), Message.of(key + ".do", arguments), true, false, List.of());
    }

    /** The book was changed in a way that may not be seen, or not have been meant; undo stands beside it. */
    public static Notice changed(String key, Object... arguments) {
        return new Notice(Message.of(key, arguments), Message.plain(""), true, true, List.of());
    }

    /**
     * A question, which stays until it is answered.
     *
     * @param what what happened
     * @param next what hangs on the answer
     */
    public static Notice question(Message what, Message next, Choice... choices) {
        return new Notice(what, next, false, false, List.of(choices));
    }

    public boolean isQuestion() {
        return !choices.isEmpty();
    }

    /** Both sentences. */
    public String text() {
        return (what.text() + " " + next.text()).strip();
    }
}
