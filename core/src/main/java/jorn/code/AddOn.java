package jorn.code;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import jorn.measure.Trouble;

/**
 * The five figures beside the symbol of a book that carry its price (GS1 General Specifications, five-digit add-on; the meaning of the
 * first figure is the book trade's custom, from memory).
 *
 * @param digits five figures
 */
public record AddOn(@JsonValue String digits) {
    /** First figure by currency: 5 US dollars, 6 Canadian, 3 Australian, 4 New Zealand, 0 pounds (from memory). */
    private static final Map<String, Character> FIRST =
            Map.of("USD", '5', "CAD", '6', "AUD", '3', "NZD", '4', "GBP", '0');

    /** More does not fit into four figures; 9999 stands for a price that is not told. */
    private static final BigDecimal DEAREST = new BigDecimal("99.98");

    @JsonCreator
    public AddOn {
        if (!digits.matches("[0-9]{5}")) {
            throw Trouble.of("code.add-on.not-five-figures", digits);
        }
    }

    /** The figures for a price; none where the trade has no first figure for its currency, or it is too high. */
    public static Optional<AddOn> ofPrice(String currency, BigDecimal price) {
        Character first = FIRST.get(currency);
        if (first == null || price.signum() <= 0 || price.compareTo(DEAREST) > 0) {
            return Optional.empty();
        }
        int cents = price.movePointRight(2).setScale(0, RoundingMode.HALF_UP).intValueExact();
        return Optional.of(new AddOn(first + String.format(java.util.Locale.ROOT, "%04d", cents)));
    }
}
