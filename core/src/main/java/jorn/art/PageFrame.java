package jorn.art;

/**
 * The measured page on which art is laid out: what is cut, what is cut off, and where text may stand.
 *
 * @param side recto or verso
 * @param gutterAtLeft whether the spine is at the left of this page
 * @param trim the page after the cut; its corner is the origin
 * @param bleed the page before the cut
 * @param text inside the margins
 */
public record PageFrame(Side side, boolean gutterAtLeft, Box trim, Box bleed, Box text) {}
