package jorn.book;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/**
 * The books that this one has been, so that any change can be taken back. Changes of the same thing in quick succession,
 * such as the letters of a title, are one step.
 */
public final class History {
    private static final int KEPT = 500;
    private static final long SAME_BREATH_NANOS = 1_200_000_000L;

    private final Deque<Book> past = new ArrayDeque<>();
    private final Deque<Book> future = new ArrayDeque<>();
    private Book now;
    private String lastThing = "";
    private long lastTime;

    public History(Book first) {
        this.now = first;
    }

    /** The same at this moment, which goes on by itself. */
    public History copy() {
        return of(past(), now, future());
    }

    /**
     * A history that is gone on with.
     *
     * @param past the books before, the nearest first
     * @param future the books that were undone, the nearest first
     */
    public static History of(List<Book> past, Book now, List<Book> future) {
        History history = new History(now);
        history.past.addAll(past);
        history.future.addAll(future);
        return history;
    }

    public Book now() {
        return now;
    }

    /** The books before, the nearest first. */
    public List<Book> past() {
        return List.copyOf(past);
    }

    /** The books that were undone, the nearest first. */
    public List<Book> future() {
        return List.copyOf(future);
    }

    /**
     * Goes on to another book.
     *
     * @param thing what is being changed; equal things within a breath make one step
     */
    public void change(Book next, String thing) {
        change(next, thing, System.nanoTime());
    }

    void change(Book next, String thing, long nanos) {
        if (next.equals(now)) {
            return;
        }
        boolean sameBreath = thing.equals(lastThing) && nanos - lastTime < SAME_BREATH_NANOS && !past.isEmpty();
        if (!sameBreath) {
            past.push(now);
            if (past.size() > KEPT) {
                past.removeLast();
            }
        }
        future.clear();
        now = next;
        lastThing = thing;
        lastTime = nanos;
    }

    public boolean canUndo() {
        return !past.isEmpty();
    }

    public boolean canRedo() {
        return !future.isEmpty();
    }

    /** Back to the previous book, if there is one. */
    public void undo() {
        if (canUndo()) {
            future.push(now);
            now = past.pop();
            lastThing = "";
        }
    }

    /** Forward again to the book that was undone, if there is one. */
    public void redo() {
        if (canRedo()) {
            past.push(now);
            now = future.pop();
            lastThing = "";
        }
    }
}
