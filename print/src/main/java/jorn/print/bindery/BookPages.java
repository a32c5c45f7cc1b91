package jorn.print.bindery;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import jorn.deliver.SinglePages;
import jorn.edition.Edition;
import jorn.print.export.FileNames;
import jorn.print.pdf.PdfSink;
import jorn.scratch.Scratch;

/** The pages of a book of one's own, for the bindery. */
public final class BookPages {
    private BookPages() {}

    /**
     * Writes them aside and reads them; what was written goes when it is closed.
     *
     * @throws jorn.measure.Trouble where there is no room for them
     */
    public static PdfSource open(Edition edition) {
        SinglePages pages = new SinglePages(edition);
        Path file = Scratch.newFile();
        try (PdfSink sink =
                new PdfSink(edition.book().shownTitle(), edition.book().author())) {
            for (int i = 0; i < pages.sheets(); i++) {
                sink.add(pages.sheet(i).art());
            }
            try (var out = Files.newOutputStream(file)) {
                sink.writeTo(out);
            }
        } catch (IOException e) {
            throw Scratch.noRoom(e);
        }
        return PdfSource.passing(file, FileNames.of(edition.book()) + ".pdf");
    }
}
