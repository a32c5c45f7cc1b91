package jorn.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class HistoryTest {
    private static final long SECOND = 1_000_000_000L;
    private final Book first = EarlierBooks.linedJournal();

    @Test
    void undoIsThePreviousBookAndRedoTheNext() {
        History h = new History(first);
        h.change(first.withTitle("A"), "title", 0);
        h.change(first.withTitle("B"), "title", 5 * SECOND);
        h.undo();
        assertEquals("A", h.now().title());
        h.undo();
        assertEquals(first, h.now());
        assertFalse(h.canUndo());
        h.redo();
        h.redo();
        assertEquals("B", h.now().title());
        assertFalse(h.canRedo());
    }

    @Test
    void lettersTypedInOneBreathAreOneStep() {
        History h = new History(first);
        h.change(first.withTitle("H"), "title", 0);
        h.change(first.withTitle("Hi"), "title", SECOND / 4);
        h.change(first.withTitle("Hiv"), "title", SECOND / 2);
        h.undo();
        assertEquals(first, h.now());
    }

    @Test
    void anotherThingIsAnotherStep() {
        History h = new History(first);
        h.change(first.withTitle("H"), "title", 0);
        h.change(first.withTitle("H").withAuthor("A"), "author", SECOND / 4);
        h.undo();
        assertEquals("H", h.now().title());
    }

    @Test
    void aChangeAfterUndoForgetsTheOtherFuture() {
        History h = new History(first);
        h.change(first.withTitle("A"), "title", 0);
        h.undo();
        h.change(first.withTitle("B"), "title", 9 * SECOND);
        assertFalse(h.canRedo());
        assertTrue(h.canUndo());
    }

    @Test
    void noChangeIsNoStep() {
        History h = new History(first);
        h.change(first.withTitle(""), "title", 0);
        assertFalse(h.canUndo());
    }
}
