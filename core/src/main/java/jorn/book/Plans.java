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
 * @param batch copies ordered at once
 */
@RecordBuilder
public record Plans(
        Map<String, Double> prices,
        Map<String, Double> rates,
        String ownCurrency,
        Optional<Work> work,
        Optional<PrintBatch> batch)
        implements PlansBuilder.With {
    /** Nothing reckoned yet. */
    public static final Plans NONE = new Plans(Map.of(), Map.of(), "", Optional.empty(), Optional.empty());

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

    /**
     * Copies ordered at once.
     *
     * @param copies from 1
     * @param setup what the order costs before the first copy, from 0
     * @param perCopy what each copy costs, above 0
     */
    public record PrintBatch(int copies, double setup, double perCopy) {
        public PrintBatch {
            if (copies < 1 || copies > 1_000_000) {
                throw Trouble.of("book.plans.number-copies-out-range");
            }
            if (!(setup >= 0)) {
                throw Trouble.of("book.plans.fixed-part-less-than");
            }
            positive(Wording.of("book.plans.price-copy"), perCopy, 1_000_000);
        }
    }

    public Plans {
        prices = sorted(prices, "price", 1_000_000);
        rates = sorted(rates, "rate", 1_000_000);
        ownCurrency = ownCurrency == null ? "" : ownCurrency.strip();
    }

    private static Map<String, Double> sorted(Map<String, Double> map, String what, double most) {
        if (map == null) {
            return Map.of();
        }
        map.values().forEach(v -> positive(what, v, most));
        return java.util.Collections.unmodifiableMap(new TreeMap<>(map));
    }

    private static void positive(String what, double value, double most) {
        if (!(value > 0) || value > most) {
            throw Trouble.of("book.plans.out-range", what);
        }
    }

    public Plans withPrice(String market, Optional<Double> price) {
        return new Plans(changed(prices, market, price), rates, ownCurrency, work, batch);
    }

    public Plans withRate(String currency, Optional<Double> rate) {
        return new Plans(prices, changed(rates, currency, rate), ownCurrency, work, batch);
    }

    private static Map<String, Double> changed(Map<String, Double> map, String key, Optional<Double> value) {
        Map<String, Double> now = new TreeMap<>(map);
        value.ifPresentOrElse(v -> now.put(key, v), () -> now.remove(key));
        return now;
    }
}
