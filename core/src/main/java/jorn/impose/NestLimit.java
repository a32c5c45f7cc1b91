package jorn.impose;

import jorn.measure.Length;

/**
 * What staples and a fold bear: about 9 or 10 sheets of ordinary paper (0.1 mm), 4 or 5 of heavy (common practice); thickness decides, not the count.
 *
 * @param sheets in the thickest nest
 * @param caliper of a sheet
 */
public record NestLimit(int sheets, Length caliper) {
    /** Of ordinary paper, where nobody has measured. */
    public static final Length ORDINARY = Length.mm(0.1);

    private static final double MOST = Length.mm(1).points();
    /** Measures of paper have a rounding of their own. */
    private static final double SLACK = 1e-3;

    /** How thick the sheets are, one on the other, before they are folded. */
    public Length thickness() {
        return Length.points(sheets * caliper.points());
    }

    /** How many sheets of this paper a fold bears, one at least. */
    public int most() {
        return (int) Math.max(1, Math.floor((MOST + SLACK) / caliper.points()));
    }

    public boolean isBorne() {
        return sheets <= most();
    }

    /** Sheets for each signature instead, spread evenly, none thicker than customary for sewing. */
    public int signature() {
        int each = Math.min(most(), Scheme.of(FoldKind.SIGNATURES).count());
        int count = (sheets + each - 1) / each;
        return (sheets + count - 1) / count;
    }

    /** By how much the innermost pages are pushed out. */
    public Length creep() {
        return Length.points((sheets - 1) * caliper.points());
    }
}
