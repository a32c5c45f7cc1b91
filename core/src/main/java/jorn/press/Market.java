package jorn.press;

import java.util.List;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.TradeName;

/**
 * Where a book is sold, and what a press charges and pays there.
 *
 * @param id short and lasting: {@code us}
 * @param name in words
 * @param currency what is written after an amount
 * @param share what the author gets of the list price before the print cost, 0.01 to 1
 * @param costs print cost by ink
 */
public record Market(
        @Required String id,
        @Required String name,
        @Required String currency,
        @Required double share,
        @Required List<Cost> costs) {
    /** Print cost of one copy = fixed + perPage × pages. */
    public record Cost(@Required String ink, @Required double fixed, @Required double perPage) {}

    /** Less would make prices without end. */
    private static final double LEAST_SHARE = 0.01;

    public Market {
        costs = List.copyOf(costs);
        if (!(share >= LEAST_SHARE) || share > 1) {
            throw Trouble.of("press.market.share-out-range", share);
        }
        for (Cost cost : costs) {
            if (!(cost.fixed() >= 0) || !(cost.perPage() >= 0)) {
                throw Trouble.of("press.market.cost-less-than-nothing");
            }
        }
    }

    public Optional<Cost> cost(String ink) {
        return costs.stream().filter(c -> c.ink().equals(ink)).findFirst();
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
