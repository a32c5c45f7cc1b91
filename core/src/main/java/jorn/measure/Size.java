package jorn.measure;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.say.Message;

/**
 * Width and height of a page, a closed book or a sheet.
 *
 * @param width from left to right
 * @param height from head to foot
 */
public record Size(Length width, Length height) {
    private static final String UNIT = "\\s*([\\p{L}\"″”]*?)\\.?\\s*";
    private static final Pattern WRITTEN = Pattern.compile(
            "(" + Numeral.PATTERN + ")" + UNIT + "(?:x|×|\\*|by)\\s*(" + Numeral.PATTERN + ")" + UNIT,
            Pattern.CASE_INSENSITIVE);

    public static Size of(double width, double height, Unit unit) {
        return new Size(Length.of(width, unit), Length.of(height, unit));
    }

    /**
     * Reads a size: "6x9in", "6 × 9 in", "5 1/2 x 8 1/2 in", "148x210mm", "8.5in x 11in", or the name of a sheet ("A5",
     * "letter").
     *
     * @param unless the unit where none is written
     * @throws Trouble with an example of what can be read
     */
    public static Size parse(String text, Unit unless) {
        String s = text == null ? "" : text.strip();
        var sheet = PaperSize.named(s);
        if (sheet.isPresent()) {
            return sheet.get().size();
        }
        Matcher m = WRITTEN.matcher(s.toLowerCase(Locale.ROOT));
        if (m.matches()) {
            String second = m.group(4).isEmpty() ? unless.sign() : m.group(4);
            String first = m.group(2).isEmpty() ? second : m.group(2);
            Length width = Length.parse(m.group(1) + first, unless);
            Length height = Length.parse(m.group(3) + second, unless);
            if (width.isZero() || height.isZero()) {
                throw Trouble.of("measure.size.size-has-no-room", s);
            }
            return new Size(width, height);
        }
        throw Trouble.of(
                s.isEmpty() ? Message.of("measure.size.no-size-given") : Message.of("measure.size.not-size", s),
                Message.of("measure.size.write-width-height-with"));
    }

    public boolean isAbout(Size other) {
        return width.isAbout(other.width) && height.isAbout(other.height);
    }

    /** The same with width and height exchanged. */
    public Size turned() {
        return new Size(/* width= */ height, /* height= */ width);
    }

    /** "6 × 9 in". */
    public String format(Unit unit) {
        return width.amount(unit) + " × " + height.amount(unit) + " " + unit.sign();
    }

    /** The short id that stays the same in files and on the command line: "6x9in", "A5", "148x211mm". */
    public String id() {
        var sheet = PaperSize.of(this);
        if (sheet.isPresent() && sheet.get().isIso()) {
            return sheet.get().id();
        }
        Unit unit = parse(
                                Numeral.written(width.in(Unit.INCH), 3) + "x"
                                        + Numeral.written(height.in(Unit.INCH), 3),
                                Unit.INCH)
                        .isAbout(this)
                ? Unit.INCH
                : Unit.MILLIMETRE;
        return Numeral.written(width.in(unit), 3) + "x" + Numeral.written(height.in(unit), 3) + unit.sign();
    }

    @Override
    public String toString() {
        return id();
    }
}
