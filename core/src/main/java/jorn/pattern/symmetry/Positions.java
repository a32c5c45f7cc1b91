package jorn.pattern.symmetry;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads positions as the International Tables write them: {@code -x+y,-x}, {@code y+1/2,x+1/2}. */
final class Positions {
    private static final Pattern TERM = Pattern.compile("([+-]?)(x|y|1/2)");

    private Positions() {}

    static Operation read(String text) {
        String[] two = text.split(",");
        double[] first = terms(two[0]);
        double[] second = terms(two[1]);
        return new Operation((int) first[0], (int) first[1], (int) second[0], (int) second[1], first[2], second[2]);
    }

    /** How often x and y, and what is added. */
    private static double[] terms(String text) {
        double[] all = new double[3];
        Matcher m = TERM.matcher(text);
        while (m.find()) {
            int sign = m.group(1).equals("-") ? -1 : 1;
            switch (m.group(2)) {
                case "x" -> all[0] += sign;
                case "y" -> all[1] += sign;
                default -> all[2] += sign * 0.5;
            }
        }
        return all;
    }
}
