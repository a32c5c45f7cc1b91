package jorn.print.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import jorn.art.PageArt;
import jorn.block.paper.Ruling;
import jorn.book.Book;
import jorn.book.Starter;
import jorn.print.Poppler;
import jorn.print.pdf.PdfSink;

/** The raster sink's picture beside poppler's picture of the PDF sink's file. */
final class SinksBeside {
    private static final int DPI = 216;

    private SinksBeside() {}

    /** A journal with words in all places. */
    static Book journal() {
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

    /** Holds pages of one book against each other, in one file, so that poppler starts once. */
    static void compare(Map<String, PageArt> pages, Path folder) throws IOException {
        Path file = folder.resolve("all.pdf");
        try (PdfSink sink = new PdfSink("t", "")) {
            for (PageArt art : pages.values()) {
                sink.add(art);
            }
            try (var out = Files.newOutputStream(file)) {
                sink.writeTo(out);
            }
        }
        Iterator<BufferedImage> printed = Poppler.pictures(file, DPI).iterator();
        for (Map.Entry<String, PageArt> each : pages.entrySet()) {
            compare(printed.next(), each.getValue(), each.getKey());
        }
    }

    private static void compare(BufferedImage printed, PageArt art, String what) {
        BufferedImage seen = RasterSink.picture(art, art.bleed(), DPI / 72.0);
        assertEquals(printed.getWidth(), seen.getWidth(), 1, what);
        assertEquals(printed.getHeight(), seen.getHeight(), 1, what);
        int across = Math.min(printed.getWidth(), seen.getWidth()) / WINDOW;
        int down = Math.min(printed.getHeight(), seen.getHeight()) / WINDOW;
        double[] there = levels(printed, across, down);
        double[] here = levels(seen, across, down);
        double apart = difference(there, here);
        assertTrue(apart < 0.012, what + " differs by " + apart);
        if (!art.marks().isEmpty()) {
            double[] white = new double[there.length];
            Arrays.fill(white, 1);
            double bare = difference(there, white);
            assertTrue(bare > 2 * apart, what + ": the art itself must weigh more than the difference: " + bare);
        }
    }

    /** Pixels averaged before they are compared: poppler moves thin lines to whole pixels, which is no difference in print. */
    private static final int WINDOW = 20;

    /** Mean difference of brightness, 0 to 1. */
    private static double difference(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += Math.abs(a[i] - b[i]);
        }
        return sum / a.length;
    }

    /** Brightness of each window, 0 to 1. */
    private static double[] levels(BufferedImage image, int across, int down) {
        double[] levels = new double[across * down];
        int[] pixels = image.getRGB(0, 0, across * WINDOW, down * WINDOW, null, 0, across * WINDOW);
        for (int i = 0; i < pixels.length; i++) {
            int p = pixels[i];
            int window = i / (across * WINDOW) / WINDOW * across + i % (across * WINDOW) / WINDOW;
            levels[window] += ((p >> 16 & 255) + (p >> 8 & 255) + (p & 255)) / (WINDOW * WINDOW * 3 * 255.0);
        }
        return levels;
    }
}
