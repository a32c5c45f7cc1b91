package jorn.desk.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import jorn.book.Book;
import jorn.edition.Edition;
import jorn.measure.Trouble;
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
        if (!BookFile.isNamedSo(file)) {
            return told(file, word, err, use);
        }
        Book book = BookOnDisk.load(file, err);
        Path pages = BookPages.write(Edition.of(book));
        try {
            return told(pages, Optional.empty(), err, use);
        } finally {
            delete(pages);
        }
    }

    private static <T> T told(Path file, Optional<String> word, PrintWriter err, Function<PdfSource, T> use) {
        try (PdfSource source = PdfSource.open(file, word)) {
            source.missing().forEach(m -> err.println(m.text()));
            return use.apply(source);
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw Trouble.because(e, "store.safe-file.cannot-delete", file.getFileName());
        }
    }
}
