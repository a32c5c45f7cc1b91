package jorn.measure;

import java.util.Locale;
import java.util.Optional;

/** A unit of length. The international inch is exactly 25.4 mm; the PostScript point is 1/72 inch. */
public enum Unit {
    INCH("in", 72.0, 3, "in", "inch", "inches", "\"", "″", "”"),
    MILLIMETRE("mm", 72.0 / 25.4, 2, "mm", "millimetre", "millimetres", "millimeter", "millimeters"),
    CENTIMETRE("cm", 720.0 / 25.4, 3, "cm", "centimetre", "centimetres", "centimeter", "centimeters"),
    POINT("pt", 1.0, 2, "pt", "point", "points"),
    MICRON("µm", 0.072 / 25.4, 0, "µm", "um", "micron", "microns");

    private final String sign;
    private final double points;
    private final int decimals;
    private final String[] names;

    Unit(String sign, double points, int decimals, String... names) {
        this.sign = sign;
        this.points = points;
        this.decimals = decimals;
        this.names = names;
    }

    /** The sign written after a number: in, mm, cm, pt, µm. */
    public String sign() {
        return sign;
    }

    /** PostScript points in one of this unit. */
    public double points() {
        return points;
    }

    /** Decimals that are worth showing in print work. */
    public int decimals() {
        return decimals;
    }

    /** The unit that a person means by a word or sign, if it is one we know. */
    public static Optional<Unit> named(String word) {
        String wanted = word.strip().toLowerCase(Locale.ROOT);
        for (Unit unit : values()) {
            for (String name : unit.names) {
                if (name.equals(wanted)) {
                    return Optional.of(unit);
                }
            }
        }
        return Optional.empty();
    }
}
