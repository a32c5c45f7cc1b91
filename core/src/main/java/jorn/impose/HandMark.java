package jorn.impose;

import jorn.say.Label;

/** Marks for hands, outside of the pages, each only where it is asked for. */
public enum HandMark {
    /** Where the sheet is folded. */
    @Label("impose.mark.fold")
    FOLD,
    /** Where the knife goes. */
    @Label("impose.mark.cut")
    CUT,
    /** Where staples go, on the outermost sheet. */
    @Label("impose.mark.staple")
    STAPLE,
    /** Where the awl goes for sewing, inside of the innermost sheet. */
    @Label("impose.mark.sewing")
    SEWING,
    /** A step down on the fold of each signature: a stair where they are gathered in order. */
    @Label("impose.mark.collation")
    COLLATION,
    /** Which sheet and side it is. */
    @Label("impose.mark.numbers")
    NUMBERS;

    /** As it is asked for in words: {@code fold}. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
