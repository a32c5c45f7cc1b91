package jorn.print.bindery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.deliver.SinglePages;
import jorn.edition.Edition;
import jorn.measure.Trouble;
import jorn.print.pdf.PdfSink;

/** The pages of a book of one's own as a file for the bindery, cut to their trim. */
public final class BookPages {
    private BookPages() {}

    /**
     * Writes them into a file beside the scratch of this run; whoever asked takes it away.
     *
     * @throws Trouble where it cannot be written
     */
    public static Path write(Edition edition) {
        SinglePages pages = new SinglePages(edition);
        try (PdfSink sink =
                new PdfSink(edition.book().shownTitle(), edition.book().author())) {
            for (int i = 0; i < pages.sheets(); i++) {
                sink.add(pages.sheet(i).art());
            }
            Path file = Files.createTempFile("jorn-", ".pdf");
            try (var out = Files.newOutputStream(file)) {
                sink.writeTo(out);
            }
            return file;
        } catch (IOException e) {
            throw Trouble.because(e, "print.bindery.no-file", edition.book().shownTitle());
        }
    }
}
