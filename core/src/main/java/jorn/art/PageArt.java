package jorn.art;

import java.util.List;

/**
 * Everything drawn on one page or sheet: the display list that both sinks read, so that what is seen is what prints.
 *
 * @param trim the page after the cut; its corner is the origin
 * @param bleed the page before the cut, round the trim
 * @param media the sheet on which it is delivered, round the bleed
 * @param marks in the order in which they are drawn
 */
public record PageArt(Box trim, Box bleed, Box media, List<Mark> marks) {
    public PageArt {
        marks = List.copyOf(marks);
    }

    /** A page whose sheet is no larger than itself with bleed. */
    public PageArt(Box trim, Box bleed, List<Mark> marks) {
        this(trim, bleed, bleed, marks);
    }
}
