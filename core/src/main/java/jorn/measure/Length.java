package jorn.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.say.Message;

/**
 * A length in print: never negative, kept in PostScript points (1/72 in) to the millionth of a point, so that the same
 * size entered in inches and in millimetres is the same length.
 *
 * @param points the length in points
 */
public record Length(double points) implements Comparable<Length>, Quantity {
    /** No length at all. */
    public static final Length ZERO = new Length(0);

    /** Longer than any sheet that a press takes: ten metres. */
    private static final double LONGEST = 10_000 * Unit.MILLIMETRE.points();

    private static final Pattern WRITTEN =
            Pattern.compile("(" + Numeral.PATTERN + ")\\s*([\\p{L}µ\"″”]*)\\.?", Pattern.CASE_INSENSITIVE);

    public Length {
        if (!(points >= 0) || points > LONGEST) {
            throw Trouble.of("measure.length.length-pt-cannot-used", points);
        }
        points = Math.round(points * 1e6) / 1e6;
    }

    /** A length of so many units. */
    public static Length of(double amount, Unit unit) {
        return new Length(amount * unit.points());
    }

    public static Length inches(double amount) {
        return of(amount, Unit.INCH);
    }

    public static Length mm(double amount) {
        return of(amount, Unit.MILLIMETRE);
    }

    public static Length points(double amount) {
        return new Length(amount);
    }

    /**
     * Reads a length as people write it: "6 in", "5 1/2in", "8½", "152.4 mm", "15,24 cm", "432 pt".
     *
     * @param text what was typed
     * @param unless the unit where none is written
     * @throws Trouble with an example of what can be read
     */
    public static Length parse(String text, Unit unless) {
        String s = text == null ? "" : text.strip();
        Matcher m = WRITTEN.matcher(s);
        if (m.matches()) {
            String word = m.group(2);
            var unit = word.isEmpty() ? java.util.Optional.of(unless) : Unit.named(word);
            var amount = Numeral.read(m.group(1));
            if (amount.isPresent() && unit.isPresent()) {
                return of(amount.getAsDouble(), unit.get());
            }
        }
        if (s.startsWith("-") || s.startsWith("−")) {
            throw Trouble.of("measure.length.less-than-nothing", s);
        }
        throw Trouble.of(
                s.isEmpty() ? Message.of("measure.length.no-length-given") : Message.of("measure.length.not-length", s),
                Message.of("measure.length.write-number-unit-for"));
    }

    /** The amount in a unit. */
    public double in(Unit unit) {
        return points / unit.points();
    }

    public Length plus(Length other) {
        return new Length(points + other.points);
    }

    /**
     * This less the other.
     *
     * @throws Trouble where the other is longer; {@link #without} then gives nothing
     */
    public Length minus(Length other) {
        return new Length(points - other.points);
    }

    /** What is left of this when the other is taken away: nothing where the other is longer. */
    public Length without(Length other) {
        return new Length(Math.max(0, points - other.points));
    }

    public Length times(double factor) {
        return new Length(points * factor);
    }

    public boolean isZero() {
        return points == 0;
    }

    /** Whether both are the same to a thousandth of a millimetre, finer than any knife. */
    public boolean isAbout(Length other) {
        return Math.abs(points - other.points) < Unit.MICRON.points();
    }

    /** The number and sign in a unit, with the decimals that print work asks for: "9.25 in", "152.4 mm". */
    public String format(Unit unit) {
        return amount(unit) + " " + unit.sign();
    }

    /** The number alone, as {@link #format} writes it. */
    public String amount(Unit unit) {
        return Numeral.trimmed(in(unit), unit.decimals());
    }

    @Override
    public String format(Unit unit, Precision precision) {
        double amount = in(unit);
        return switch (precision) {
            case PLAIN -> format(unit);
            case EXACT -> Numeral.fixed(amount, unit.decimals()) + " " + unit.sign();
            case FINE -> Numeral.trimmed(amount, unit.decimals() + 3) + " " + unit.sign();
        };
    }

    /** The text that reads back as this very length, in the unit in which it is a round number. */
    public String written() {
        for (int decimals : new int[] {4, 6}) {
            for (Unit unit : new Unit[] {Unit.INCH, Unit.MILLIMETRE, Unit.POINT}) {
                String s = Numeral.written(in(unit), decimals) + " " + unit.sign();
                if (parse(s, unit).equals(this)) {
                    return s;
                }
            }
        }
        return Numeral.written(points, 6) + " pt";
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(points, other.points);
    }

    @Override
    public String toString() {
        return written();
    }
}
