package jorn.print.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.cover.CoverArt;
import jorn.cover.CoverGeometry;
import jorn.makeup.Composer;
import jorn.page.Box;
import jorn.page.Ink;
import jorn.page.Mark;
import jorn.page.PageArt;
import jorn.page.Turn;
import jorn.print.Poppler;
import jorn.print.pdf.PdfLook;
import jorn.print.pdf.PdfSink;
import jorn.recipe.Ruling;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is seen is what prints: the raster sink's picture beside poppler's picture of the PDF sink's file. */
class SinksAgreeTest {
    private static final int DPI = 144;

    @TempDir
    Path folder;

    private static Book journal() {
        Book book = Starter.LINED_JOURNAL
                .begin()
                .withTitle("Affable Waffles & Offices")
                .withSubtitle("A journal for the bee yard")
                .withAuthor("Skep & Sedge");
        Book lined = book.withRecipe(
                2,
                r -> r.withRuling(
                        Ruling.customary().withReach(Ruling.Reach.EDGE).withWeight(1.5)));
        return lined.withCover(lined.cover().withBlurb("Room for every inspection.\n\nAnd for every swarm."));
    }

    @Test
    void onEveryKindOfPage() throws IOException {
        Composer composer = new Composer(journal());
        for (int n : new int[] {1, 2, 3, 5, 6}) {
            compare(composer.page(n), "page " + n);
        }
    }

    @Test
    void onEveryDesignOfTheCatalogue() throws IOException {
        for (var entry : jorn.recipe.Catalogue.all()) {
            Book book = journal()
                    .withRuns(java.util.List.of(
                            jorn.book.Run.of(entry.name(), entry.recipe(), 24, jorn.book.Run.Start.ANYWHERE)));
            compare(new Composer(book).page(1), entry.id());
        }
    }

    @Test
    void onTheCover() throws IOException {
        Book book = journal();
        compare(CoverArt.of(book, CoverGeometry.of(book, 120)), "cover");
        compare(CoverArt.front(book, CoverGeometry.of(book, 120)), "front");
    }

    @Test
    void onDashesCurvesAndTurnedArt() throws IOException {
        Box trim = new Box(0, 0, 200, 150);
        var curve = jorn.page.Path.builder()
                .move(20, 20)
                .curve(60, 140, 120, -40, 180, 120)
                .build();
        var ring = jorn.page.Path.builder()
                .move(20, 120)
                .line(60, 60)
                .line(90, 130)
                .close()
                .build();
        List<Mark> marks = List.of(
                new Mark.Stroke(curve, 3, Ink.hex("A1352A"), List.of(12.0, 6.0)),
                new Mark.Fill(ring, Ink.black(0.4)),
                new Mark.Turned(Turn.scale(0.5, 100, 40), List.of(new Mark.Fill(ring, Ink.hex("2F5D50")))),
                new Mark.Turned(Turn.quarterUp(150, 140), List.of(new Mark.Stroke(ring, 2, Ink.BLACK))));
        compare(new PageArt(trim, trim.outset(9), marks), "shapes");
    }

    private void compare(PageArt art, String what) throws IOException {
        Path file = folder.resolve("one.pdf");
        try (PdfSink sink = new PdfSink("t", "")) {
            sink.add(art);
            try (var out = Files.newOutputStream(file)) {
                sink.writeTo(out);
            }
        }
        BufferedImage printed = Poppler.picture(file, 1, DPI);
        BufferedImage seen = RasterSink.picture(art, art.bleed(), DPI / 72.0);
        assertEquals(printed.getWidth(), seen.getWidth(), 1, what);
        assertEquals(printed.getHeight(), seen.getHeight(), 1, what);
        double apart = difference(printed, seen);
        assertTrue(apart < 0.012, what + " differs by " + apart);
        if (!art.marks().isEmpty()) {
            double bare = difference(
                    printed,
                    RasterSink.picture(new PageArt(art.trim(), art.bleed(), List.of()), art.bleed(), DPI / 72.0));
            assertTrue(bare > 2 * apart, what + ": the art itself must weigh more than the difference: " + bare);
        }
    }

    /** Pixels averaged before they are compared: poppler moves thin lines to whole pixels, which is no difference in print. */
    private static final int WINDOW = 13;

    /** Mean difference of brightness, 0 to 1. */
    private static double difference(BufferedImage a, BufferedImage b) {
        int w = Math.min(a.getWidth(), b.getWidth()) / WINDOW;
        int h = Math.min(a.getHeight(), b.getHeight()) / WINDOW;
        double sum = 0;
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                sum += Math.abs(level(a, x * WINDOW, y * WINDOW) - level(b, x * WINDOW, y * WINDOW));
            }
        }
        return sum / (w * (double) h);
    }

    private static double level(BufferedImage image, int x, int y) {
        double sum = 0;
        for (int dy = 0; dy < WINDOW; dy++) {
            for (int dx = 0; dx < WINDOW; dx++) {
                int p = image.getRGB(x + dx, y + dy);
                sum += (p >> 16 & 255) + (p >> 8 & 255) + (p & 255);
            }
        }
        return sum / (WINDOW * WINDOW * 3 * 255.0);
    }

    @Test
    void aWrittenFileCanBeLookedAt() throws IOException {
        Path file = folder.resolve("look.pdf");
        try (PdfSink sink = new PdfSink("t", "")) {
            sink.add(new Composer(journal()).page(1));
            try (var out = Files.newOutputStream(file)) {
                sink.writeTo(out);
            }
        }
        assertEquals(150, PdfLook.firstPage(file, 150).getHeight(), 1);
    }
}
