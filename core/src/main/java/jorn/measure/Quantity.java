package jorn.measure;

/** What a {@link Figure} amounts to: a length, which is shown in the user's unit, or a number with a unit of its own. */
public sealed interface Quantity permits Length, Scalar {
    /** How many decimals a quantity deserves where it is shown. */
    enum Precision {
        /** Trailing zeros left out: 9.25 in. */
        PLAIN,
        /** All decimals kept, for figures that people compare: 0.270 in. */
        EXACT,
        /** More decimals, for the thickness of a page: 0.002252 in. */
        FINE
    }

    /** The quantity in words, lengths in the unit given. */
    String format(Unit unit, Precision precision);
}
