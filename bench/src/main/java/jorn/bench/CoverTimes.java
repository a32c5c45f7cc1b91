package jorn.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import jorn.art.Box;
import jorn.art.PageArt;
import jorn.art.Picture;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.book.CoverPicture;
import jorn.book.Starter;
import jorn.cover.Compositions;
import jorn.deliver.ColourPolicy;
import jorn.deliver.CoverSheets;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.PressShelf;
import jorn.print.pdf.PdfSink;
import jorn.print.raster.RasterSink;

/** How long it takes to look at covers, to move things on them and to write them. */
final class CoverTimes {
    /** 24 megapixels: 4,000 × 6,000. */
    private static final int WIDE = 4000;

    private static final int HIGH = 6000;
    /** As wide as the sheet is on the bench of a large window. */
    private static final int SHEET = 900;

    private static final int THUMB = 244;
    private static final int FEW = 24;
    private static final int FRAMES = 60;

    private CoverTimes() {}

    /** A journal whose cover shows a photograph of 24 megapixels. */
    static Book photographed(String press) {
        Picture picture = Picture.of("photograph", Photographs.smooth(WIDE, HIGH));
        Book book = Starter.NOTEBOOK
                .begin(Brief.at(PressShelf.shipped().find(press), Size.of(6, 9, Unit.INCH), 24))
                .withTitle("Hive Notes")
                .withAuthor("Skep & Sedge")
                .with(picture);
        return book.withCover(book.cover()
                .planned(p -> p.composedAs("full-picture").withPicture(Optional.of(CoverPicture.of(picture.id())))));
    }

    private static void paint(PageArt art, Box part, double pixels) {
        RasterSink.picture(art, part, pixels / part.width());
    }

    /** Frames a second while the photograph is dragged under its window. */
    static double drag(Book book) {
        Edition edition = Edition.of(book);
        long from = 0;
        for (int i = 0; i < FRAMES + 5; i++) {
            if (i == 5) {
                from = System.nanoTime();
            }
            double focus = i / (double) (FRAMES + 5);
            Book moved = book.withCover(book.cover()
                    .planned(p ->
                            p.withPicture(p.picture().map(c -> c.withZoom(1.5).withAcrossFocus(focus)))));
            PageArt art = edition.coverOf(moved).plane();
            paint(art, art.bleed(), SHEET);
        }
        return FRAMES / ((System.nanoTime() - from) / 1e9);
    }

    /** Seconds to paint the slowest of all compositions, composed anew. */
    static double slowestPainted() {
        Book book = Starter.NOTEBOOK.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
        Edition edition = Edition.of(book);
        double slowest = 0;
        for (var each : Compositions.all()) {
            Callable<Object> work = () -> {
                PageArt art = edition.coverOf(book.withCover(book.cover().planned(p -> p.composedAs(each.id()))))
                        .plane();
                paint(art, art.bleed(), SHEET);
                return art;
            };
            timed(work);
            slowest = Math.max(slowest, Math.min(timed(work), timed(work)));
        }
        return slowest;
    }

    /** Seconds for the fronts of the first two dozen compositions, small. */
    static double thumbnails() {
        Book book = Starter.NOTEBOOK.begin().withTitle("Hive Notes").withAuthor("Skep & Sedge");
        Edition edition = Edition.of(book);
        return timed(() -> {
            for (var each : Compositions.all().subList(0, FEW)) {
                PageArt art = edition.coverOf(book.withCover(book.cover().planned(p -> p.composedAs(each.id()))))
                        .frontArt();
                paint(art, art.trim(), THUMB * art.trim().width() / art.trim().height());
            }
            return FEW;
        });
    }

    /** Seconds to write the files, and the most memory meanwhile. */
    record Written(double seconds, long memory) {}

    /** Writes the cover of a book in a policy's colours. */
    static Written export(Book book, ColourPolicy policy) {
        double seconds = timed(() -> {
            Path file = Files.createTempFile("jorn-", ".pdf");
            CoverSheets sheets = new CoverSheets(Edition.of(book));
            try (PdfSink sink = new PdfSink("Hive Notes", "Skep & Sedge", policy);
                    var out = Files.newOutputStream(file)) {
                for (int i = 0; i < sheets.sheets(); i++) {
                    sink.add(sheets.sheet(i).art());
                }
                sink.writeTo(out);
            }
            return Files.size(file);
        });
        return new Written(seconds, ProcessMemory.peak(ProcessHandle.current().pid()));
    }

    private static double timed(Callable<?> work) {
        long from = System.nanoTime();
        try {
            work.call();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
        return (System.nanoTime() - from) / 1e9;
    }

    /** The rows of the table: what, measured, aim. */
    static List<String[]> rows() {
        Book screen = photographed("online");
        Written rgb = export(screen, ColourPolicy.SCREEN);
        Written four = export(photographed("trade"), ColourPolicy.FOUR_INKS);
        return Arrays.asList(
                new String[] {
                    "drag a picture of 24 megapixels on the cover", Math.round(drag(screen)) + " a second", "30 or more"
                },
                new String[] {"the slowest of all covers composed and painted", millis(slowestPainted()), "under 150 ms"
                },
                new String[] {"small pictures of 24 covers", millis(thumbnails()), "under 1,500 ms"},
                new String[] {
                    "export a cover with 24 megapixels, as it is",
                    millis(rgb.seconds()) + ", " + (rgb.memory() >> 20) + " MB",
                    "under 5,000 ms, 600 MB"
                },
                new String[] {
                    "export a cover with 24 megapixels, four inks",
                    millis(four.seconds()) + ", " + (four.memory() >> 20) + " MB",
                    "under 12,000 ms, 600 MB"
                });
    }

    private static String millis(double seconds) {
        return String.format(java.util.Locale.ROOT, "%,.0f ms", seconds * 1000);
    }
}
