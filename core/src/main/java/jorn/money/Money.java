package jorn.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Plans;
import jorn.measure.Figure;
import jorn.measure.Quantity;
import jorn.measure.Scalar;
import jorn.measure.Unit;
import jorn.press.Channel;
import jorn.press.Market;
import jorn.press.ShareStep;
import jorn.say.Wording;

/**
 * Costs and prices of one copy in a market, sold in one way.
 *
 * <p>Common practice: what the author keeps = share × list price without tax − print cost; lowest list price = print cost ÷ share, and the
 * tax on it, rounded up to the cent. The share may step with the list price.
 */
public final class Money {
    private static final double CENT = 0.01;
    private static final double SLACK = 1e-9;
    private static final double MOST = 1e6;

    private final Copy copy;
    private final Market market;
    private final Channel channel;
    private final PrintCost cost;

    private Money(Copy copy, Market market, Channel channel, PrintCost cost) {
        this.copy = copy;
        this.market = market;
        this.channel = channel;
        this.cost = cost;
    }

    /** The money in one market, in the press's own shop; nothing where the press states no cost for such a book there. */
    public static Optional<Money> in(Market market, Copy copy) {
        return in(market, market.ways().get(0), copy);
    }

    /** The same, sold in another way. */
    public static Optional<Money> in(Market market, Channel channel, Copy copy) {
        return PrintCost.of(copy, market).map(c -> new Money(copy, market, channel, c));
    }

    /** In every market of the press, in its own shop. */
    public static List<Money> everywhere(Copy copy) {
        List<Money> all = new ArrayList<>();
        copy.brief().press().markets().forEach(m -> in(m, copy).ifPresent(all::add));
        return all;
    }

    /** In every market of the press, in each way in which the user sells there. */
    public static List<Money> everyWay(Copy copy) {
        List<Money> all = new ArrayList<>();
        for (Money own : everywhere(copy)) {
            all.addAll(own.ways());
        }
        return all;
    }

    /** In this market, in each way in which the user sells there. */
    public List<Money> ways() {
        List<Money> all = new ArrayList<>();
        for (Channel way : market.ways()) {
            boolean used = way.id().equals(Market.OWN_SHOP)
                    || plans().selling().channels().contains(way.id());
            if (used) {
                all.add(new Money(copy, market, way, cost));
            }
        }
        return all;
    }

    public Market market() {
        return market;
    }

    public Channel channel() {
        return channel;
    }

    private Plans plans() {
        return copy.plans();
    }

    private String source() {
        String press = copy.brief().press().name() + ", " + market.called();
        return channel.id().equals(Market.OWN_SHOP) ? press : press + ", " + channel.called();
    }

    private Scalar amount(double value) {
        return new Scalar(value, market.currency(), 2);
    }

    /** The tax that a list price contains, in per cent: the user's own rate, or the press's. */
    private double tax() {
        return Optional.ofNullable(plans().selling().taxes().get(market.id()))
                .orElseGet(() -> market.salesTax().contained(copy.stationery()));
    }

    /** The rate of the tax that a list price contains; 0 where it contains none. */
    public Figure taxRate() {
        boolean own = plans().selling().taxes().containsKey(market.id());
        String said = own
                ? Wording.of("money.money.your-decision")
                : tax() == 0
                        ? Wording.of("money.money.no-tax-inside", source())
                        : Wording.of(copy.stationery() ? "money.money.as-stationery" : "money.money.as-book", source());
        return Figure.given("tax.rate", Wording.of("money.money.tax-rate"), new Scalar(tax(), "%", 1), said);
    }

    private Figure share(double price) {
        double now = channel.shareAt(price);
        String from =
                channel.steps().isEmpty() ? source() : Wording.of("money.money.share-at", source(), amountText(price));
        return Figure.given("share", Wording.of("money.money.your-share"), new Scalar(now * 100, "%", 0), from);
    }

    /** What printing one copy costs. */
    public Figure printing() {
        return cost.whole();
    }

    /** What a copy costs before its first page. */
    public Figure fixedCost() {
        return cost.fixed();
    }

    /** What its pages cost. */
    public Figure pagesCost() {
        return cost.pages();
    }

    /** The lowest list price at which nothing is lost. */
    public Figure lowest() {
        return priceFor("price.lowest", Wording.of("money.money.lowest-price"), 0);
    }

    /**
     * The list price at which so much is kept, rounded up to the cent.
     *
     * @param kept from 0
     */
    public Figure priceToKeep(double kept) {
        return priceFor("price.to-keep", Wording.of("money.money.price-keep", amountText(kept)), kept);
    }

    private Figure priceFor(String key, String label, double kept) {
        double price = leastPrice(kept);
        boolean taxed = tax() > 0;
        List<Figure> inputs = new ArrayList<>(List.of(printing(), share(price)));
        String formula = "{cost.print} ÷ {share}";
        if (kept > 0) {
            inputs.add(Figure.given(
                    "kept.wish",
                    Wording.of("money.money.wished-for"),
                    amount(kept),
                    Wording.of("money.money.your-decision")));
            formula = "({cost.print} + {kept.wish}) ÷ {share}";
        }
        if (taxed) {
            inputs.add(taxRate());
            formula += " × (100 % + {tax.rate})";
        }
        String source =
                Wording.of(isStepBound(price, kept) ? "money.money.from-the-step" : "money.money.rounded-up-cent");
        return Figure.computed(key, label, amount(price), formula, source, inputs.toArray(Figure[]::new));
    }

    /** Whether a price is higher than the formula says, because the share that it needs begins only there. */
    private boolean isStepBound(double price, double kept) {
        return price > priceAt(channel.shareAt(price), kept) + SLACK;
    }

    private double priceAt(double share, double kept) {
        return upToCent((cost.amount() + kept) / share * (1 + tax() / 100));
    }

    /** The lowest price at which so much is kept: in each step of the share there is one, if it does not lie beyond the step. */
    private double leastPrice(double kept) {
        List<ShareStep> steps = channel.steps();
        for (int i = 0; i <= steps.size(); i++) {
            double from = i == 0 ? CENT : steps.get(i - 1).from();
            double share = i == 0 ? channel.share() : steps.get(i - 1).share();
            double price = Math.max(upToCent(from), priceAt(share, kept));
            if (i == steps.size() || price < steps.get(i).from() - SLACK) {
                return price;
            }
        }
        throw new IllegalStateException("the last step has no end");
    }

    /** The lowest price that ends in .99 at which so much is kept; a share that falls at a step may put it up. */
    public double priceToKeep99(double kept) {
        double price = upTo99(leastPrice(kept));
        while (keptAt(price) < kept - SLACK && price < MOST) {
            price++;
        }
        return price;
    }

    /** The next price from this one up that ends in .99 (common practice). */
    public static double upTo99(double price) {
        double next = Math.floor(price) + 0.99;
        return next + SLACK >= price ? next : next + 1;
    }

    /** The list price that the user has set here, if any. */
    public Optional<Double> price() {
        return Optional.ofNullable(plans().prices().get(market.id()));
    }

    private Figure list(double price) {
        return Figure.given(
                "price.list",
                Wording.of("money.money.list-price"),
                amount(price),
                Wording.of("money.money.your-decision"));
    }

    private double withoutTax(double price) {
        return price / (1 + tax() / 100);
    }

    /** The tax that a list price contains. */
    public Figure taxIn(double price) {
        return tax() == 0
                ? Figure.given(
                        "price.tax",
                        Wording.of("money.money.tax"),
                        amount(0),
                        taxRate().source())
                : Figure.computed(
                        "price.tax",
                        Wording.of("money.money.tax"),
                        amount(price - withoutTax(price)),
                        "{price.list} × {tax.rate} ÷ (100 % + {tax.rate})",
                        taxRate().source(),
                        list(price),
                        taxRate());
    }

    /** The author's share of a list price, before the print cost. */
    public Figure shareOf(double price) {
        double share = withoutTax(price) * channel.shareAt(price);
        return tax() == 0
                ? Figure.computed(
                        "price.share",
                        Wording.of("money.money.share-amount"),
                        amount(share),
                        "{price.list} × {share}",
                        source(),
                        list(price),
                        share(price))
                : Figure.computed(
                        "price.share",
                        Wording.of("money.money.share-amount"),
                        amount(share),
                        "({price.list} − {price.tax}) × {share}",
                        source(),
                        list(price),
                        taxIn(price),
                        share(price));
    }

    /** What the author keeps of one copy at a list price, not rounded. */
    public double keptAt(double price) {
        return withoutTax(price) * channel.shareAt(price) - cost.amount();
    }

    /** What the author keeps of one copy at a list price. */
    public Figure kept(double price) {
        return Figure.computed(
                "price.kept",
                Wording.of("money.money.at-you-keep", amountText(price)),
                amount(keptAt(price)),
                "{price.share} − {cost.print}",
                source(),
                shareOf(price),
                printing());
    }

    /** What is kept at the price that the user has set, where one is set. */
    public Optional<Figure> kept() {
        return price().map(this::kept);
    }

    /** What is kept, in the user's own currency, where a price and a rate are set. */
    public Optional<Figure> keptInOwn() {
        String own = plans().ownCurrency();
        boolean same = market.currency().equals(own);
        Optional<Double> rate =
                same ? Optional.of(1.0) : Optional.ofNullable(plans().rates().get(market.currency()));
        if (own.isEmpty() || rate.isEmpty()) {
            return Optional.empty();
        }
        Figure worth = Figure.given(
                "rate",
                Wording.of("money.money.one", market.currency()),
                new Scalar(rate.get(), own, 4),
                Wording.of(same ? "money.money.same-currency" : "money.money.your-rate"));
        return kept().map(k -> Figure.computed(
                "price.kept.own",
                Wording.of("money.money.kept", own),
                new Scalar(k.number() * rate.get(), own, 2),
                "{price.kept} × {rate}",
                "",
                k,
                worth));
    }

    /** The cost of printing one in each ink of the press that has a cost here. */
    public List<Figure> byInk() {
        List<Figure> all = new ArrayList<>();
        for (var ink : copy.brief().press().inks()) {
            in(market, copy.inInk(ink.id())).ifPresent(m -> {
                Figure f = m.printing();
                all.add(new Figure(
                        "cost.print." + ink.id(),
                        Wording.of("money.money.in", ink.called()),
                        f.value(),
                        f.precision(),
                        f.formula(),
                        f.inputs(),
                        f.source()));
            });
        }
        return all;
    }

    /** The batch that the user reckons with, beside the press, if there is one. */
    public Optional<BulkOrder> batch() {
        return BulkOrder.of(copy, market.currency(), cost);
    }

    /** Copies that the author orders and sells, if the user reckons with some. */
    public Optional<DirectSale> direct(Figure weight) {
        return plans().direct().map(d -> new DirectSale(d, market.currency(), cost, weight));
    }

    private String amountText(double value) {
        return amount(value).format(Unit.INCH, Quantity.Precision.PLAIN);
    }

    private static double upToCent(double value) {
        return Math.ceil(value * 100 - 1e-6) / 100;
    }
}
