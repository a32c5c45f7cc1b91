package jorn.desk.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import jorn.edition.Edition;
import jorn.print.bindery.BookPages;
import jorn.print.bindery.PdfSource;
import jorn.store.BookFile;

/** What is bound: any PDF, or the inside of a book of one's own. */
final class PdfInput {
    private PdfInput() {}

    /**
     * Opens it, uses it and closes it.
     *
     * @param word that opens a locked file; may be nothing
     */
    static <T> T with(Path file, Optional<String> word, PrintWriter err, Function<PdfSource, T> use) {
        boolean own = BookFile.isNamedSo(file);
        try (PdfSource source =
                own ? BookPages.open(Edition.of(BookOnDisk.load(file, err))) : PdfSource.open(file, word)) {
            source.missing().forEach(m -> err.println(m.text()));
            return use.apply(source);
        }
    }
}
