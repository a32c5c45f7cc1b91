package jorn.measure;

import java.util.Comparator;
import java.util.Locale;

/** Names as people order them: numbers in them count as numbers, so that 2 comes before 10. */
public final class NaturalOrder {
    private static final int DIGITS = 18;

    /** Orders names. */
    public static final Comparator<String> NAMES =
            Comparator.comparing(NaturalOrder::key).thenComparing(Comparator.naturalOrder());

    private NaturalOrder() {}

    private static String key(String name) {
        StringBuilder out = new StringBuilder();
        StringBuilder digits = new StringBuilder();
        for (char c : (name.toLowerCase(Locale.ROOT) + " ").toCharArray()) {
            if (Character.isDigit(c)) {
                digits.append(c);
                continue;
            }
            if (!digits.isEmpty()) {
                out.append("0".repeat(Math.max(0, DIGITS - digits.length()))).append(digits);
                digits.setLength(0);
            }
            out.append(c);
        }
        return out.toString();
    }
}
