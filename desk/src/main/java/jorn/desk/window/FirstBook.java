package jorn.desk.window;

import java.util.concurrent.CompletableFuture;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.desk.model.BookState;
import jorn.desk.model.DemoBooks;
import jorn.desk.view.Painter;

/**
 * The book that lies on the desk at first, made and laid out while the window system starts, so that the window does not wait for it
 * and finds all that draws it loaded.
 */
final class FirstBook {
    private static final int SMALL = 60;

    private FirstBook() {}

    /** Begins at once, on a hand of its own. */
    static CompletableFuture<BookState> laidOut(boolean demo) {
        CompletableFuture<BookState> made = new CompletableFuture<>();
        Thread hand = new Thread(() -> make(demo, made), "first book");
        hand.setDaemon(true);
        hand.start();
        return made;
    }

    private static void make(boolean demo, CompletableFuture<BookState> made) {
        try {
            Book book = demo ? DemoBooks.first() : Starter.LINED_JOURNAL.begin();
            BookState state = BookState.of(book);
            state.measures();
            made.complete(state);
            // What is said and drawn first is said and drawn from warm.
            book.brief().pageRule().inWords();
            Painter.warm(state.edition().cover().frontArt(), SMALL);
        } catch (RuntimeException | Error e) {
            made.completeExceptionally(e);
        }
    }
}
