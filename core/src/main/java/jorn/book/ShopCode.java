package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.util.Optional;
import jorn.code.AddOn;
import jorn.code.BookBarcode;
import jorn.code.Isbn;

/**
 * The number by which shops know the book, and its symbol on the back.
 *
 * @param isbn none for a book without one, which is fine
 * @param price in the add-on beside the symbol; none for no add-on
 * @param currency of that price, three letters
 * @param size of the symbol, 0.8 to 2
 */
@RecordBuilder
public record ShopCode(Optional<Isbn> isbn, Optional<BigDecimal> price, String currency, Double size)
        implements ShopCodeBuilder.With {
    /** A book without a number. */
    public static final ShopCode NONE = new ShopCode(Optional.empty(), Optional.empty(), "USD", 1.0);

    public ShopCode {
        isbn = isbn == null ? Optional.empty() : isbn;
        price = price == null ? Optional.empty() : price;
        currency = currency == null ? "USD" : currency;
        size = size == null ? 1.0 : Math.min(BookBarcode.LARGEST, Math.max(BookBarcode.SMALLEST, size));
    }

    /** The figures of the price, where the trade has any for its currency. */
    public Optional<AddOn> addOn() {
        return price.flatMap(p -> AddOn.ofPrice(currency, p));
    }

    /** The symbol, where the book has a number. */
    public Optional<BookBarcode> barcode() {
        return isbn.map(i -> new BookBarcode(i, addOn(), size));
    }
}
