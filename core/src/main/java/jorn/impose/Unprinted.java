package jorn.impose;

import jorn.measure.Length;

/** The rim of a sheet that a printer leaves white, from each of its edges as the sheet lies upright. */
public record Unprinted(Length top, Length right, Length bottom, Length left) {
    public static final Unprinted NONE = all(Length.ZERO);

    public static Unprinted all(Length each) {
        return new Unprinted(each, each, each, each);
    }

    /** As the rim lies when the sheet is turned a quarter clockwise. */
    Unprinted quarter() {
        return new Unprinted(/* top= */ left, /* right= */ top, /* bottom= */ right, /* left= */ bottom);
    }
}
