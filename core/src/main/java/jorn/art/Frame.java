package jorn.art;

import java.util.List;

/**
 * A measured surface: a page, a panel of a cover, a screen.
 *
 * @param side recto or verso; a recto where the surface has no other side
 * @param gutterAtLeft whether the spine is at the left of it
 * @param trim after the cut; its corner is the origin
 * @param bleed before the cut
 * @param text inside the margins, or inside of what is surely not cut
 * @param keptFree places where nothing may stand, such as that of a barcode which a press prints
 */
public record Frame(Side side, boolean gutterAtLeft, Box trim, Box bleed, Box text, List<Box> keptFree) {
    public Frame {
        keptFree = List.copyOf(keptFree);
    }

    /** A surface of which nothing is kept free. */
    public Frame(Side side, boolean gutterAtLeft, Box trim, Box bleed, Box text) {
        this(side, gutterAtLeft, trim, bleed, text, List.of());
    }

    /** The same with other room inside. */
    public Frame withText(Box room) {
        return new Frame(side, gutterAtLeft, trim, bleed, room, keptFree);
    }
}
