package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * What a copy shop asks for each thing, by its price list.
 *
 * @param blackPage a page in black, from 0
 * @param colourPage a page in colour, from 0
 * @param colourPages how many pages are in colour, from 0: often two, the first and the last
 * @param cover the card of one cover, from 0
 * @param coil one coil with its punching, from 0
 * @param film clear film over one copy, from 0
 * @param cuts all cuts of the order together, from 0
 */
@RecordBuilder
public record ShopPrices(
        double blackPage, double colourPage, int colourPages, double cover, double coil, double film, double cuts)
        implements ShopPricesBuilder.With {
    /** Nothing asked for yet; the first and the last page in colour. */
    public static final ShopPrices UNASKED = new ShopPrices(0, 0, 2, 0, 0, 0, 0);

    public ShopPrices {
        Plans.notNegative(Wording.of("book.shop-prices.black-page"), blackPage);
        Plans.notNegative(Wording.of("book.shop-prices.colour-page"), colourPage);
        Plans.notNegative(Wording.of("book.shop-prices.cover"), cover);
        Plans.notNegative(Wording.of("book.shop-prices.coil"), coil);
        Plans.notNegative(Wording.of("book.shop-prices.film"), film);
        Plans.notNegative(Wording.of("book.shop-prices.cuts"), cuts);
        if (colourPages < 0 || colourPages > Brief.MOST_PAGES) {
            throw Trouble.of("book.shop-prices.no-such-pages", colourPages, Brief.MOST_PAGES);
        }
    }
}
