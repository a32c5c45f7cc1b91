package jorn.press;

import java.util.Optional;
import jorn.measure.Trouble;

/**
 * The sales tax of a market. Its rate may be another for books than for stationery, such as notebooks without text (from memory; it
 * lives in a profile).
 *
 * @param inPrice whether list prices contain it; where they do not, it is added at the counter and is nobody's loss
 * @param book rate for books in per cent, 0 to 100
 * @param stationery rate for stationery in per cent; that of books where absent
 */
public record SalesTax(boolean inPrice, double book, Optional<Double> stationery) {
    /** No tax that a list price contains. */
    public static final SalesTax NONE = new SalesTax(false, 0, Optional.empty());

    private static final double MOST = 100;

    public SalesTax {
        stationery = stationery == null ? Optional.empty() : stationery;
        require("book", book);
        stationery.ifPresent(r -> require("stationery", r));
    }

    private static void require(String field, double rate) {
        if (!(rate >= 0) || rate > MOST) {
            throw Trouble.of("press.sales-tax.out-range", field, rate);
        }
    }

    /** The rate that a list price contains, in per cent: 0 where prices are given without tax. */
    public double contained(boolean isStationery) {
        return inPrice ? rate(isStationery) : 0;
    }

    /** The rate in per cent. */
    public double rate(boolean isStationery) {
        return isStationery ? stationery.orElse(book) : book;
    }
}
