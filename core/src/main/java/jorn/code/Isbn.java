package jorn.code;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import java.util.Optional;
import jorn.measure.Trouble;

/**
 * An International Standard Book Number of thirteen figures (ISO 2108).
 *
 * @param digits thirteen figures, the last of them the check digit
 */
public record Isbn(String digits) {
    private static final String BOOKLAND = "978";
    private static final int THIRTEEN = 13;
    private static final int TEN = 10;

    public Isbn {
        if (!digits.matches("97[89][0-9]{10}")) {
            throw Trouble.of("code.isbn.not-isbn", digits);
        }
    }

    /**
     * Reads a number with or without hyphens and spaces. One of ten figures becomes one of thirteen.
     *
     * @throws Trouble where it is none; where only its last figure is wrong, with the one that would be right
     */
    @JsonCreator
    public static Isbn parse(String text) {
        String s = text.strip()
                .toUpperCase(Locale.ROOT)
                .replaceFirst("^ISBN(-1[03])?:?", "")
                .replaceAll("[\\s\\p{Pd}]", "");
        if (s.matches("[0-9]{9}[0-9X]")) {
            char right = checkOfTen(s.substring(0, TEN - 1));
            require(text, s, right);
            String nine = BOOKLAND + s.substring(0, TEN - 1);
            return new Isbn(nine + checkOfThirteen(nine));
        }
        if (s.matches("97[89][0-9]{10}")) {
            require(text, s, checkOfThirteen(s.substring(0, THIRTEEN - 1)));
            return new Isbn(s);
        }
        if (s.matches("[0-9]{13}")) {
            throw Trouble.of("code.isbn.not-book-number", text.strip());
        }
        throw Trouble.of("code.isbn.not-isbn", text.strip());
    }

    private static void require(String text, String s, char right) {
        char last = s.charAt(s.length() - 1);
        if (last != right) {
            throw Trouble.of("code.isbn.wrong-check", text.strip(), String.valueOf(right), String.valueOf(last));
        }
    }

    /**
     * The check digit of twelve figures: weights 1 and 3 in turn, up to the next ten (ISO 2108; the same as GS1's).
     *
     * @param twelve the figures before it
     */
    public static char checkOfThirteen(String twelve) {
        int sum = 0;
        for (int i = 0; i < twelve.length(); i++) {
            sum += (twelve.charAt(i) - '0') * (i % 2 == 0 ? 1 : 3);
        }
        return (char) ('0' + (TEN - sum % TEN) % TEN);
    }

    /** The check digit of nine figures: weights 10 to 2, up to the next eleven; X stands for ten (ISO 2108:1992). */
    static char checkOfTen(String nine) {
        int sum = 0;
        for (int i = 0; i < nine.length(); i++) {
            sum += (nine.charAt(i) - '0') * (TEN - i);
        }
        int check = (11 - sum % 11) % 11;
        return check == TEN ? 'X' : (char) ('0' + check);
    }

    /** The number of ten figures that stands for the same book; none where it begins with 979. */
    public Optional<String> ten() {
        String nine = digits.substring(BOOKLAND.length(), THIRTEEN - 1);
        return digits.startsWith(BOOKLAND) ? Optional.of(nine + checkOfTen(nine)) : Optional.empty();
    }

    /** With hyphens between its parts, where the range of its registrant is known; else as it is. */
    public String hyphenated() {
        return IsbnRanges.split(digits).map(parts -> String.join("-", parts)).orElse(digits);
    }

    /** The country, language or region of its group; nothing where the group is not known. */
    public Optional<String> area() {
        return IsbnRanges.area(digits);
    }

    @JsonValue
    @Override
    public String toString() {
        return digits;
    }
}
