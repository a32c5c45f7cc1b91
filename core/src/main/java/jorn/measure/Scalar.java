package jorn.measure;

import jorn.say.Wording;

/**
 * A number that is no length: pages, pixels, grams, money, yes or no.
 *
 * @param value the number
 * @param unit what is written after it, "pages", "px", "g", a currency; may be empty
 * @param decimals how many decimals are shown
 */
public record Scalar(double value, String unit, int decimals) implements Quantity {
    /** The unit of a figure that is answered by yes (1) or no (0). */
    public static final String YES_NO = "yes/no";

    public static Scalar count(long n, String unit) {
        return new Scalar(n, unit, 0);
    }

    public static Scalar yes(boolean yes) {
        return new Scalar(yes ? 1 : 0, YES_NO, 0);
    }

    @Override
    public String format(Unit lengths, Precision precision) {
        if (unit.equals(YES_NO)) {
            return value != 0 ? Wording.of("measure.scalar.yes") : Wording.of("measure.scalar.no");
        }
        String number = decimals == 0 ? Numeral.grouped(Math.round(value)) : Numeral.fixed(value, decimals);
        return unit.isEmpty() ? number : number + " " + unit;
    }
}
