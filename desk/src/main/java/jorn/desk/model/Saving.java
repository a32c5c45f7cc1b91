package jorn.desk.model;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Executor;
import jorn.book.Book;
import jorn.measure.Trouble;
import jorn.print.export.FileNames;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.store.BookFile;
import jorn.store.FileStamp;

/**
 * Writes the book on the desk into its file, beside the window: the book as it is when it is asked for. Whatever changes while it is written is not
 * saved, and said not to be. Used on the interface thread.
 */
final class Saving {
    private final Desk desk;
    private final Keeper keeper;
    private final Hands hands;

    /** @param later runs something on the interface thread */
    Saving(Desk desk, Keeper keeper, Executor later) {
        this.desk = desk;
        this.keeper = keeper;
        this.hands = new Hands("saver", later);
    }

    /**
     * Saves the book; where the file was changed by others, it is asked whose work it is to be.
     *
     * @param then once it is saved
     */
    void into(Path wanted, Runnable then) {
        Path path = BookFile.isNamedSo(wanted) ? wanted : Path.of(wanted + BookFile.ENDING);
        // What is being written just now is the file's newest state.
        hands.finishHere();
        boolean own = desk.file().filter(path::equals).isPresent();
        if (own && !FileStamp.of(path).equals(desk.stamp()) && Files.exists(path)) {
            askWhose(path);
        } else {
            write(path, then);
        }
    }

    private void write(Path path, Runnable then) {
        Book book = desk.book();
        hands.fetch(
                () -> BookFile.save(book, path),
                stamp -> desk.attempt(() -> {
                    if (desk.book().identity().id().equals(book.identity().id())) {
                        desk.markSaved(book, path, stamp);
                        keeper.saved(book, path);
                        if (desk.isSaved()) {
                            keeper.forget();
                        }
                    }
                    desk.settings().addRecent(path);
                    desk.settings().rememberNumber(book);
                    then.run();
                }),
                e -> desk.tell(Mishap.told(e)));
    }

    /** Waits until what is being written is written, and known to be. */
    void finishHere() {
        hands.finishHere();
    }

    /** Waits until what is being written is written. */
    void finish() {
        hands.finish();
    }

    /** Another program or window has changed the file: whose work is it to be? */
    private void askWhose(Path path) {
        desk.ask(
                Message.of("desk.book-files.changed-elsewhere", path.getFileName()),
                Message.of("desk.book-files.changed-elsewhere.do"),
                choice("keep-mine", "desk.book-files.keep-mine", () -> keepMine(path)),
                choice("take-theirs", "desk.book-files.take-theirs", () -> takeTheirs(path)),
                choice("keep-both", "desk.book-files.keep-both", () -> keepBoth(path)));
    }

    private Notice.Choice choice(String id, String key, Runnable deed) {
        return new Notice.Choice(id, Wording.of(key), () -> desk.attempt(deed));
    }

    private void keepMine(Path path) {
        try {
            // What is written over can be gone back to.
            Book theirs = BookFile.load(path);
            if (theirs.identity().id().equals(desk.book().identity().id())) {
                keeper.saved(theirs, path);
            }
        } catch (Trouble t) {
            Mishap.log(t);
        }
        write(path, () -> {});
    }

    private void takeTheirs(Path path) {
        BookFile.ReadBook theirs = BookFile.open(path);
        desk.change("theirs", mine -> theirs.book());
        desk.markSaved(path, theirs.stamp());
        keeper.forget();
        desk.say("desk.book-files.took-theirs", path.getFileName());
    }

    private void keepBoth(Path path) {
        Path beside = FileNames.free(path);
        write(beside, () -> desk.say("desk.book-files.kept-both", beside.getFileName()));
    }
}
