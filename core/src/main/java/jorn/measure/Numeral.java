package jorn.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jorn.say.Wording;

/** Numbers as people write them: 6, 5.5, 5,5, 5 1/2, 8½, and how Jorn writes them back. */
public final class Numeral {
    private static final Map<Character, Double> VULGAR = Map.ofEntries(
            Map.entry('½', 1 / 2.0),
            Map.entry('⅓', 1 / 3.0),
            Map.entry('⅔', 2 / 3.0),
            Map.entry('¼', 1 / 4.0),
            Map.entry('¾', 3 / 4.0),
            Map.entry('⅛', 1 / 8.0),
            Map.entry('⅜', 3 / 8.0),
            Map.entry('⅝', 5 / 8.0),
            Map.entry('⅞', 7 / 8.0),
            Map.entry('⅙', 1 / 6.0));

    /** What a number looks like, for use inside larger patterns; has no groups. */
    static final String PATTERN =
            "(?:\\d+\\s+\\d+/\\d+|\\d+/\\d+|\\d+\\s*[½⅓⅔¼¾⅛⅜⅝⅞⅙]|[½⅓⅔¼¾⅛⅜⅝⅞⅙]|\\d+(?:[.,]\\d+)?|[.,]\\d+)";

    private static final Pattern MIXED = Pattern.compile("(?:(\\d+)\\s+)?(\\d+)/(\\d+)");
    private static final Pattern DECIMAL = Pattern.compile("\\d{1,12}(?:[.,]\\d{1,12})?|[.,]\\d{1,12}");

    private Numeral() {}

    /** As {@link #read}, but below zero as well, where that is refused later with a reason of its own. */
    public static OptionalDouble readSigned(String text) {
        String figures = text.strip();
        boolean negative = figures.startsWith("-") || figures.startsWith("−");
        OptionalDouble read = read(negative ? figures.substring(1) : figures);
        return negative && read.isPresent() ? OptionalDouble.of(-read.getAsDouble()) : read;
    }

    /**
     * A number, which may be below zero.
     *
     * @param what the name of the thing, for the message
     * @throws Trouble where the text is no number
     */
    public static double number(String text, String what) {
        return readSigned(text).orElseThrow(() -> Trouble.of("measure.numeral.no-number", text.strip(), what));
    }

    /** Reads a number that is not negative, or nothing where the text is no such number. */
    public static OptionalDouble read(String text) {
        String s = text.strip();
        if (s.isEmpty()) {
            return OptionalDouble.empty();
        }
        Double vulgar = VULGAR.get(s.charAt(s.length() - 1));
        if (vulgar != null) {
            String whole = s.substring(0, s.length() - 1).strip();
            if (whole.isEmpty()) {
                return OptionalDouble.of(vulgar);
            }
            return whole.matches("\\d{1,9}")
                    ? OptionalDouble.of(Integer.parseInt(whole) + vulgar)
                    : OptionalDouble.empty();
        }
        Matcher mixed = MIXED.matcher(s);
        if (mixed.matches()) {
            double below = Double.parseDouble(mixed.group(3));
            if (below == 0) {
                return OptionalDouble.empty();
            }
            double whole = mixed.group(1) == null ? 0 : Double.parseDouble(mixed.group(1));
            return OptionalDouble.of(whole + Double.parseDouble(mixed.group(2)) / below);
        }
        if (DECIMAL.matcher(s).matches()) {
            return OptionalDouble.of(Double.parseDouble(s.replace(',', '.')));
        }
        return OptionalDouble.empty();
    }

    /**
     * A whole number of pages, copies and the like.
     *
     * @param what the name of the thing, for the message: "page count"
     * @throws Trouble where the text is no whole number or outside the range
     */
    public static int count(String text, String what, int least, int most) {
        String s = text.strip().replaceAll("(?i)\\s*(pages?|pp?\\.?)$", "");
        String apart = "[, '" + Wording.language().groupingSign() + "]";
        if (s.matches("\\d{1,3}(" + apart + "\\d{3})+")) {
            s = s.replaceAll(apart, "");
        }
        if (!s.matches("-?\\d{1,9}")) {
            throw Trouble.of("measure.numeral.not", text.strip(), what, grouped(least), grouped(most));
        }
        int n = Integer.parseInt(s);
        if (n < least || n > most) {
            throw Trouble.of("measure.numeral.cannot-used", what, grouped(n), grouped(least), grouped(most));
        }
        return n;
    }

    /** At most so many decimals, trailing zeros left out: 9.25, 6; in German 9,25. */
    public static String trimmed(double value, int decimals) {
        return spoken(written(value, decimals));
    }

    /** As {@link #trimmed} in English, whichever language is spoken: for files. */
    static String written(double value, int decimals) {
        String s = exact(value, decimals);
        return s.contains(".") ? s.replaceAll("\\.?0+$", "") : s;
    }

    /** As {@link #trimmed}, but never more than the number is: what is too little does not look enough. */
    public static String under(double value, int decimals) {
        double scale = Math.pow(10, decimals);
        return trimmed(Math.floor(value * scale + 1e-6) / scale, decimals);
    }

    /** Exactly so many decimals: 0.270; in German 0,270. */
    public static String fixed(double value, int decimals) {
        return spoken(exact(value, decimals));
    }

    private static String exact(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? rounded.abs().toPlainString() : rounded.toPlainString();
    }

    private static String spoken(String number) {
        return number.replace('.', Wording.language().decimalSign());
    }

    /** A whole number with thousands set apart: 3,756; in German 3.756. */
    public static String grouped(long n) {
        return String.format(Wording.language().locale(), "%,d", n);
    }

    /**
     * A whole number in small Roman numerals, as front matter is numbered: iv, ix, xl.
     *
     * @param n 1 to 3,999; any other number is written in figures
     */
    public static String roman(int n) {
        if (n < 1 || n > 3999) {
            return Integer.toString(n);
        }
        int[] values = {1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1};
        String[] signs = {"m", "cm", "d", "cd", "c", "xc", "l", "xl", "x", "ix", "v", "iv", "i"};
        StringBuilder out = new StringBuilder();
        int left = n;
        for (int i = 0; i < values.length; i++) {
            while (left >= values[i]) {
                out.append(signs[i]);
                left -= values[i];
            }
        }
        return out.toString();
    }
}
