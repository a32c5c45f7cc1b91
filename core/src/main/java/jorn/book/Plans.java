package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * What the user reckons with besides the book itself: prices, work, a batch from a copy shop.
 *
 * @param prices list price by market id, each above 0
 * @param rates what one unit of a currency is worth in the user's own, by currency, each above 0
 * @param ownCurrency the currency in which markets are compared; empty for none
 * @param work how the drawings get done
 * @param batch copies ordered at once at a printer round the corner
 * @param shop what that printer asks for each thing, where the price of a copy is reckoned and not typed
 * @param selling how it is sold
 * @param direct copies that the author orders and sells
 */
@RecordBuilder
public record Plans(
        Map<String, Double> prices,
        Map<String, Double> rates,
        String ownCurrency,
        Optional<Work> work,
        Optional<PrintBatch> batch,
        Optional<ShopPrices> shop,
        Selling selling,
        Optional<DirectPlan> direct)
        implements PlansBuilder.With {
    /** Nothing reckoned yet. */
    public static final Plans NONE = new Plans(
            Map.of(),
            Map.of(),
            "",
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Selling.CUSTOMARY,
            Optional.empty());

    private static final double MOST = 1_000_000;

    /**
     * Work on the drawings.
     *
     * @param drawings how many, from 1
     * @param hoursEach hours for one, above 0
     * @param hoursAWeek hours in a week, above 0 and up to 168
     * @param start the day on which it begins
     */
    public record Work(int drawings, double hoursEach, double hoursAWeek, LocalDate start) {
        public Work {
            if (drawings < 1 || drawings > 100_000) {
                throw Trouble.of("book.plans.number-drawings-out-range");
            }
            positive(Wording.of("book.plans.hours-for-drawing"), hoursEach, 10_000);
            positive(Wording.of("book.plans.hours-week"), hoursAWeek, 168);
        }
    }

    public Plans {
        prices = sorted(prices, "book.plans.price-in");
        rates = sorted(rates, "book.plans.rate-of");
        shop = shop == null ? Optional.empty() : shop;
        selling = selling == null ? Selling.CUSTOMARY : selling;
        direct = direct == null ? Optional.empty() : direct;
        ownCurrency = ownCurrency == null ? "" : ownCurrency.strip();
    }

    private static Map<String, Double> sorted(Map<String, Double> map, String key) {
        if (map == null) {
            return Map.of();
        }
        map.forEach((of, value) -> positive(Wording.of(key, of), value, MOST));
        return java.util.Collections.unmodifiableMap(new TreeMap<>(map));
    }

    /** @throws Trouble that names what it is, where it is not above 0 */
    static void positive(String what, double value, double most) {
        if (!(value > 0) || value > most) {
            throw Trouble.of("book.plans.out-range", what);
        }
    }

    /** @throws Trouble that names what it is, where it is under 0 */
    static void notNegative(String what, double value) {
        if (!(value >= 0) || value > MOST) {
            throw Trouble.of("book.plans.less-than-nothing", what);
        }
    }

    public Plans withPrice(String market, Optional<Double> price) {
        return withPrices(changed(prices, market, price));
    }

    public Plans withRate(String currency, Optional<Double> rate) {
        return withRates(changed(rates, currency, rate));
    }

    /** The map with one more value, or without it. */
    static Map<String, Double> changed(Map<String, Double> map, String key, Optional<Double> value) {
        Map<String, Double> now = new TreeMap<>(map);
        value.ifPresentOrElse(v -> now.put(key, v), () -> now.remove(key));
        return now;
    }
}
