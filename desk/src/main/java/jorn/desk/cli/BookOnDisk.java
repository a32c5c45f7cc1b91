package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import jorn.book.Book;
import jorn.desk.model.Moments;
import jorn.desk.model.Settings;
import jorn.measure.Trouble;
import jorn.say.Wording;
import jorn.store.BookFile;
import jorn.store.KeptBooks;
import jorn.store.Waiting;

/** A book as its file has it. Newer work that some window did not save is not read, but mentioned. */
final class BookOnDisk {
    private BookOnDisk() {}

    static Book load(Path file, PrintWriter err) {
        Book book = BookFile.load(file);
        try {
            List<Waiting> waiting = new KeptBooks(Settings.load().keptFolder())
                    .of(book.identity().id())
                    .waiting();
            if (!waiting.isEmpty()) {
                err.println(Wording.of(
                        "cli.book-on-disk.newer",
                        file.getFileName(),
                        Moments.inWords(waiting.get(0).when())));
            }
        } catch (Trouble t) {
            err.println(t.getMessage());
        }
        return book;
    }
}
