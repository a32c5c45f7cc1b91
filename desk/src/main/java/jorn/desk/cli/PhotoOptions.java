package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import jorn.block.picture.PictureBlock.Fit;
import jorn.book.Book;
import jorn.book.PhotoRuns;
import jorn.makeup.Paginator;
import jorn.print.picture.PhotoIntake;
import jorn.print.picture.PhotoIntake.Photos;
import jorn.say.Wording;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** How a folder of photographs becomes a booklet. */
final class PhotoOptions {
    @Option(names = "--each", paramLabel = "1|2|4", description = "${bundle:cli.photos.each}")
    private @Nullable Integer each;

    @Option(names = "--filled", description = "${bundle:cli.photos.filled}")
    private boolean filled;

    @Option(names = "--by-time", description = "${bundle:cli.photos.by-time}")
    private boolean byTime;

    @Option(names = "--no-captions", description = "${bundle:cli.photos.no-captions}")
    private boolean noCaptions;

    /** Whether any of them is said. */
    boolean isSaid() {
        return each != null || filled || byTime || noCaptions;
    }

    /** The book with the photographs of a folder. */
    Book take(Book book, Path folder, PrintWriter err) {
        int each = this.each == null ? 1 : this.each;
        Photos read = PhotoIntake.folder(folder, byTime, (name, number, of) -> true);
        read.left().forEach(m -> err.println(m.text()));
        Book booklet =
                PhotoRuns.taking(book, read.items(!noCaptions), read.pictures(), each, filled ? Fit.FILL : Fit.WHOLE);
        int bare = Paginator.of(booklet).blanksAdded();
        if (bare > 0) {
            err.println(Wording.of("cli.photos.bare", bare, bare * each));
        }
        return booklet;
    }
}
