package jorn.print.bindery;

import java.util.Optional;
import jorn.art.Box;
import jorn.measure.Length;
import jorn.measure.Size;

/**
 * What is taken of each page of a file: the finished page, with what bleeds beyond it kept for where there is paper, or no more than has ink.
 */
public final class PageBoxes {
    private final PdfSource source;
    private final Optional<Box> odd;
    private final Optional<Box> even;
    private final boolean whole;

    private PageBoxes(PdfSource source, Optional<Box> odd, Optional<Box> even, boolean whole) {
        this.source = source;
        this.odd = odd;
        this.even = even;
        this.whole = whole;
    }

    /** Pages whole. */
    public static PageBoxes whole(PdfSource source) {
        return new PageBoxes(source, Optional.empty(), Optional.empty(), true);
    }

    /** Without their white margins: odd pages alike, and even ones, so that lines stay where they stand. */
    public static PageBoxes inked(PdfSource source, InkFinder ink) {
        return new PageBoxes(source, ink.onAll(true), ink.onAll(false), false);
    }

    /**
     * What is taken of a page, in points from the top left corner of what is shown of it.
     *
     * @param number from 1
     */
    public Box of(int number) {
        Box trim = box(number, source.page(number).trim());
        Optional<Box> own = number % 2 == 1 ? odd : even;
        return own.map(trim::common).filter(b -> !b.isEmpty()).orElse(trim);
    }

    /**
     * What may be seen of a page beyond what is taken of it, where there is paper and nothing else: its bleed.
     *
     * @param number from 1
     */
    Box bleed(int number) {
        return whole ? box(number, source.page(number).bleed()).with(of(number)) : of(number);
    }

    /** From a page's own units to points from the top left corner of what is shown of it. */
    private Box box(int number, float[] b) {
        Box all = new Box(0, 0, source.width(number), source.height(number));
        return PdfImposer.shown(source.page(number))
                .of(Box.between(b[0], b[1], b[2], b[3]))
                .common(all);
    }

    /** As wide as the widest, as high as the highest. */
    public Size largest() {
        double w = 0;
        double h = 0;
        for (int n = 1; n <= source.count(); n++) {
            w = Math.max(w, of(n).width());
            h = Math.max(h, of(n).height());
        }
        return new Size(Length.points(w), Length.points(h));
    }
}
