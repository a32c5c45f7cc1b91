package jorn.bench;

import jorn.art.Box;
import jorn.art.PageArt;
import jorn.book.Book;
import jorn.book.PatternRuns;
import jorn.book.Starter;
import jorn.pattern.page.MadePage;
import jorn.pattern.page.PatternSpec;
import jorn.pattern.run.Patterns;
import jorn.print.raster.RasterSink;

/** How long pages to colour take, and how fast one follows the hand. */
final class PatternTimes {
    private static final double WIDE = 520;
    private static final double HIGH = 700;
    private static final int FRAMES = 60;

    /** Another one for each measurement, so that nothing is there already. */
    private static long seed = 4_000;

    private PatternTimes() {}

    /**
     * Makes pages, each with its fields.
     *
     * @return in seconds
     */
    static double make(int count) {
        Patterns patterns = Patterns.of(count, seed++);
        long from = System.nanoTime();
        for (int i = 1; i <= count; i++) {
            MadePage.of(patterns.page(i), WIDE, HIGH);
        }
        return (System.nanoTime() - from) / 1e9;
    }

    /**
     * Moves motifs under their mirrors as a hand does, each frame drawn and painted anew.
     *
     * @param pixels across
     * @return frames in a second
     */
    static double follow(int pixels) {
        Patterns patterns = Patterns.of(6, seed++);
        Box box = new Box(0, 0, WIDE, HIGH);
        long from = System.nanoTime();
        for (int frame = 0; frame < FRAMES; frame++) {
            PatternSpec spec = patterns.page(1 + frame % 3);
            PatternSpec moved = spec.withHold(spec.hold().withX(spec.hold().x() + frame / 500.0));
            MadePage lines = MadePage.lines(moved, WIDE, HIGH);
            RasterSink.picture(new PageArt(box, box, lines.marks()), box, pixels / WIDE);
        }
        return FRAMES / ((System.nanoTime() - from) / 1e9);
    }

    /** A book of so many pages. */
    static Book book(int count) {
        Book book =
                Starter.COLOURING_BOOK.begin().withTitle("Honeycomb Patterns").withAuthor("Skep & Sedge");
        for (int i = 0; i < book.runs().size(); i++) {
            if (PatternRuns.of(book.runs().get(i)).isPresent()) {
                return PatternRuns.with(book, i, Patterns.of(count, seed++));
            }
        }
        throw new IllegalStateException("no patterns");
    }
}
