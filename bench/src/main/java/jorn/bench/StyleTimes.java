package jorn.bench;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import jorn.book.Book;
import jorn.book.Renewal;
import jorn.book.Specimen;
import jorn.book.Starter;
import jorn.edition.Edition;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.print.raster.RasterSink;
import jorn.recipe.Catalogue;
import jorn.style.PageStyle;
import jorn.style.StyleShelf;

/** How long styles take: over the whole catalogue, and in a large book. */
final class StyleTimes {
    private static final List<String> TRIMS = List.of("6x9in", "A5", "8.5x11in", "7x10in", "8.5x8.5in", "A6");
    private static final int ROUNDS = 9;
    private static final int WIDE = 500;

    private StyleTimes() {}

    /**
     * Composes every design in every style at six trims on both sides.
     *
     * @return in seconds
     */
    static double everything() {
        long from = System.nanoTime();
        for (Catalogue.Entry entry : Catalogue.all()) {
            for (PageStyle style : StyleShelf.shipped()) {
                for (String trim : TRIMS) {
                    Edition edition = Edition.of(Specimen.of(entry, style, Size.parse(trim, Unit.INCH), true));
                    edition.page(2);
                    edition.page(3);
                }
            }
        }
        return since(from);
    }

    /** A dated book of about five hundred pages. */
    static Book large() {
        Book book = Starter.DAY_PLANNER.begin().withTitle("Year");
        return book.withCalendar(book.calendar().dated(LocalDate.of(2027, 1, 1), LocalDate.of(2028, 1, 31)));
    }

    /**
     * Another style for a large book, until the spread that is seen is painted: book, pages, both pages' art, their pictures.
     *
     * @return the median in seconds
     */
    static double change(Book book) {
        double[] times = new double[ROUNDS];
        List<PageStyle> styles = StyleShelf.shipped();
        Book now = book;
        for (int i = -styles.size(); i < ROUNDS; i++) {
            PageStyle next = styles.get(Math.floorMod(i, styles.size()));
            long from = System.nanoTime();
            now = Renewal.in(now, next);
            Edition edition = Edition.of(now);
            for (int page = 200; page <= 201; page++) {
                RasterSink.picture(
                        edition.page(page),
                        edition.page(page).trim(),
                        WIDE / edition.page(page).trim().width());
            }
            if (i >= 0) {
                times[i] = since(from);
            }
        }
        Arrays.sort(times);
        return times[ROUNDS / 2];
    }

    /**
     * The pictures of the whole catalogue, as it shows them.
     *
     * @return in seconds
     */
    static double catalogue() {
        long from = System.nanoTime();
        PageStyle style = StyleShelf.shipped().get(0);
        for (Catalogue.Entry entry : Catalogue.all()) {
            Edition.of(Specimen.of(entry, style, Size.parse("6x9in", Unit.INCH), false))
                    .page(2);
        }
        return since(from);
    }

    private static double since(long nanos) {
        return (System.nanoTime() - nanos) / 1e9;
    }
}
