package jorn.print.raster;

import static org.junit.jupiter.api.Assertions.assertAll;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.imageio.ImageIO;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.deliver.CoverSheets;
import jorn.edition.Edition;
import jorn.press.Binding;
import jorn.press.PressShelf;
import jorn.store.BookFile;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * Pages and covers that were looked at and approved, held against what is drawn today: art that is wrong in the same way in
 * both sinks does not pass here. With {@code -Dapprove=FOLDER} the pictures are written anew, to be looked at before they are
 * committed.
 */
class ApprovedPicturesTest {
    private static final int HEIGHT = 320;
    /** Grey levels by which a picture may differ on average, and any field of 8 × 8 pixels. */
    private static final double MEAN = 0.35;

    private static final double FIELD = 14;

    static Book book(String name) {
        try {
            return BookFile.load(Path.of(
                    ApprovedPicturesTest.class.getResource("/format1/" + name).toURI()));
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Book named(Starter starter) {
        return starter.begin()
                .withTitle("Hive Notes")
                .withSubtitle("A journal for the bee yard")
                .withAuthor("Skep & Sedge");
    }

    private static Book at(String press, Binding binding) {
        Book book = named(Starter.LINED_JOURNAL);
        return book.withBrief(book.brief().at(PressShelf.shipped().find(press)).withBinding(binding))
                .withCover(book.cover().withBlurb("Room for every inspection.\n\nAnd for every swarm."));
    }

    private static Book dated(Starter starter, String language) {
        Book book = named(starter);
        return book.withCalendar(book.calendar()
                .dated(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 2, 28))
                .withLanguage(language)
                .withHolidays("DE"));
    }

    private static Map<String, PageArt> pictures() {
        Map<String, PageArt> all = new LinkedHashMap<>();
        Edition journal = Edition.of(named(Starter.LINED_JOURNAL));
        all.put("journal-title", journal.page(1));
        all.put("journal-belongs-to", journal.page(3));
        all.put("journal-lines", journal.page(6));
        Edition planner = Edition.of(book("planner.jorn"));
        all.put("planner-contents", planner.page(5));
        all.put("planner-month", planner.page(9));
        all.put("planner-week-left", planner.page(12));
        all.put("planner-week-own", planner.page(16));
        all.put("planner-prompt", planner.page(43));
        Edition turned = Edition.of(book("right-to-left.jorn"));
        all.put("right-to-left-day", turned.page(6));
        all.put("german-year", Edition.of(dated(Starter.DATED_PLANNER, "de")).page(5));
        all.put("log", Edition.of(named(Starter.LOG_BOOK)).page(5));
        all.put("cover-glued", cover(at("online", Binding.GLUED)));
        all.put("cover-cased", cover(at("casebound", Binding.CASED)));
        all.put("cover-jacket", cover(at("casebound", Binding.JACKET)));
        return all;
    }

    private static PageArt cover(Book book) {
        return new CoverSheets(Edition.of(book)).sheet(0).art();
    }

    @TestFactory
    java.util.stream.Stream<DynamicTest> drawsWhatWasApproved() {
        return pictures().entrySet().stream()
                .map(e -> DynamicTest.dynamicTest(e.getKey(), () -> compare(e.getKey(), e.getValue())));
    }

    @Test
    void anotherPictureDoesNotPass() throws IOException {
        BufferedImage lines = approved("journal-lines");
        BufferedImage title = approved("journal-title");
        assertTrue(worstField(lines, title) > FIELD, "a title page passes for a lined one");
        assertTrue(mean(approved("planner-week-left"), approved("planner-week-own")) > MEAN, "two weeks are alike");
    }

    private static void compare(String name, PageArt art) throws IOException {
        BufferedImage now =
                RasterSink.picture(art, art.media(), HEIGHT / art.media().height());
        String folder = System.getProperty("approve");
        if (folder != null) {
            BufferedImage plain = new BufferedImage(now.getWidth(), now.getHeight(), BufferedImage.TYPE_INT_RGB);
            plain.createGraphics().drawImage(now, 0, 0, null);
            ImageIO.write(plain, "png", Path.of(folder, name + ".png").toFile());
        }
        BufferedImage then = approved(name);
        assertAll(
                name,
                () -> assertEquals(then.getWidth(), now.getWidth(), 1, "width"),
                () -> assertEquals(then.getHeight(), now.getHeight(), 1, "height"),
                () -> assertEquals(0, mean(then, now), MEAN, "mean difference in grey levels"),
                () -> assertEquals(0, worstField(then, now), FIELD, "difference of the worst field"));
    }

    private static BufferedImage approved(String name) throws IOException {
        try (InputStream in = ApprovedPicturesTest.class.getResourceAsStream("/approved/" + name + ".png")) {
            assertNotNull(in, "no approved picture of " + name);
            return ImageIO.read(in);
        }
    }

    private static int difference(BufferedImage a, BufferedImage b, int x, int y) {
        int p = a.getRGB(x, y);
        int q = b.getRGB(x, y);
        return (Math.abs((p >> 16 & 255) - (q >> 16 & 255))
                        + Math.abs((p >> 8 & 255) - (q >> 8 & 255))
                        + Math.abs((p & 255) - (q & 255)))
                / 3;
    }

    private static double mean(BufferedImage a, BufferedImage b) {
        int w = Math.min(a.getWidth(), b.getWidth());
        int h = Math.min(a.getHeight(), b.getHeight());
        return mean(a, b, 0, 0, w, h);
    }

    private static double mean(BufferedImage a, BufferedImage b, int left, int top, int right, int bottom) {
        long sum = 0;
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                sum += difference(a, b, x, y);
            }
        }
        return sum / (double) ((right - left) * (bottom - top));
    }

    private static double worstField(BufferedImage a, BufferedImage b) {
        int w = Math.min(a.getWidth(), b.getWidth());
        int h = Math.min(a.getHeight(), b.getHeight());
        double worst = 0;
        for (int y = 0; y + 8 <= h; y += 8) {
            for (int x = 0; x + 8 <= w; x += 8) {
                worst = Math.max(worst, mean(a, b, x, y, x + 8, y + 8));
            }
        }
        return worst;
    }
}
