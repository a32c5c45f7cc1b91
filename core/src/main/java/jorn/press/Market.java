package jorn.press;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.TradeName;
import jorn.say.Wording;

/**
 * Where a book is sold, and what a press charges and pays there.
 *
 * @param id short and lasting: {@code us}
 * @param name in words
 * @param currency what is written after an amount
 * @param share what the author gets of the list price before the print cost, 0.01 to 1, in the press's own shop
 * @param costs print cost by ink, class of trims and band of page counts
 * @param steps other shares in the press's own shop from certain prices on
 * @param channels further ways to buyers
 * @param tax the sales tax; none in list prices where absent
 */
public record Market(
        @Required String id,
        @Required String name,
        @Required String currency,
        @Required double share,
        @Required List<CostRule> costs,
        List<ShareStep> steps,
        List<Channel> channels,
        Optional<SalesTax> tax) {
    /** Id of the press's own shop, in which every market sells. */
    public static final String OWN_SHOP = "own";

    public Market {
        costs = List.copyOf(costs);
        steps = steps == null ? List.of() : List.copyOf(steps);
        channels = channels == null ? List.of() : List.copyOf(channels);
        tax = tax == null ? Optional.empty() : tax;
        ShareStep.requireShare(share);
        requireDistinct(channels);
        requireWhole(costs);
    }

    private static void requireDistinct(List<Channel> channels) {
        List<String> seen = new ArrayList<>(List.of(OWN_SHOP));
        for (Channel channel : channels) {
            if (seen.contains(channel.id())) {
                throw Trouble.of("press.market.two-channels", channel.id());
            }
            seen.add(channel.id());
        }
    }

    /** Bands of page counts lie end to end, for each ink and class of trims. */
    private static void requireWhole(List<CostRule> costs) {
        for (CostRule first : costs) {
            List<CostRule> row = costs.stream()
                    .filter(first::isBeside)
                    .sorted(java.util.Comparator.comparing(CostRule::band))
                    .toList();
            for (int i = 1; i < row.size(); i++) {
                PageBand before = row.get(i - 1).band();
                PageBand next = row.get(i).band();
                if (before.overlaps(next)) {
                    throw Trouble.of("press.market.bands-overlap", first.ink(), before.inFigures(), next.inFigures());
                }
                if (!before.isFollowedBy(next)) {
                    throw Trouble.of("press.market.bands-leave-gap", first.ink(), before.inFigures(), next.inFigures());
                }
            }
        }
    }

    /**
     * Refuses bands that leave out page counts which are bound: such a book would have no cost.
     *
     * @param least fewest pages that are bound
     * @param most most pages that are bound
     */
    void requireCostsFor(int least, int most) {
        for (CostRule first : costs) {
            List<CostRule> row = costs.stream().filter(first::isBeside).toList();
            for (int pages : new int[] {least, most}) {
                if (row.stream().noneMatch(c -> c.band().holds(pages))) {
                    throw Trouble.of("press.market.bands-leave-out", id, first.ink(), pages);
                }
            }
        }
    }

    /** The press's own shop and the further ways to buyers. */
    @JsonIgnore
    public List<Channel> ways() {
        List<Channel> all = new ArrayList<>();
        all.add(ownShop());
        all.addAll(channels);
        return all;
    }

    private Channel ownShop() {
        return new Channel(OWN_SHOP, Wording.of("press.market.own-shop"), share, steps);
    }

    /** @throws Trouble naming the channels that there are */
    public Channel requireChannel(String wanted) {
        return ways().stream()
                .filter(c -> c.id().equals(wanted))
                .findFirst()
                .orElseThrow(() -> Trouble.of(
                        "press.market.no-such-channel",
                        wanted,
                        called(),
                        String.join(", ", ways().stream().map(Channel::id).toList())));
    }

    /**
     * What a copy costs here.
     *
     * @param trimClass the class of its trim; the rules of no class hold where there is none for it
     */
    public Optional<CostRule> cost(String ink, Optional<String> trimClass, int pages) {
        Optional<CostRule> ofClass = trimClass.flatMap(c -> cost(ink, pages, Optional.of(c)));
        return ofClass.or(() -> cost(ink, pages, Optional.empty()));
    }

    private Optional<CostRule> cost(String ink, int pages, Optional<String> trimClass) {
        return costs.stream()
                .filter(c -> c.ink().equals(ink)
                        && c.trim().equals(trimClass)
                        && c.band().holds(pages))
                .findFirst();
    }

    /** The sales tax. */
    @JsonIgnore
    public SalesTax salesTax() {
        return tax.orElse(SalesTax.NONE);
    }

    /** The name in the language that is spoken. */
    public String called() {
        return TradeName.of(name);
    }
}
