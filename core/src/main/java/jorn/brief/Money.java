package jorn.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.Brief;
import jorn.book.Plans;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.press.Market;
import jorn.say.Wording;

/**
 * Costs and prices of one copy.
 *
 * <p>Common practice: print cost = fixed + per page × pages; what the author keeps = share × list price − print cost; lowest
 * list price = print cost ÷ share, rounded up to the cent.
 */
public final class Money {
    private final Brief brief;
    private final Plans plans;
    private final int pageCount;
    private final Market market;
    private final Market.Cost cost;

    private Money(Brief brief, Plans plans, int pageCount, Market market, Market.Cost cost) {
        this.brief = brief;
        this.plans = plans;
        this.pageCount = pageCount;
        this.market = market;
        this.cost = cost;
    }

    /** The money in one market; nothing where the press states no cost for the chosen ink there. */
    public static Optional<Money> in(Market market, Brief brief, Plans plans, int pageCount) {
        return market.cost(brief.ink()).map(c -> new Money(brief, plans, pageCount, market, c));
    }

    /** The same in every market of the press. */
    public static List<Money> everywhere(Brief brief, Plans plans, int pageCount) {
        List<Money> all = new ArrayList<>();
        brief.press().markets().forEach(m -> in(m, brief, plans, pageCount).ifPresent(all::add));
        return all;
    }

    public Market market() {
        return market;
    }

    private String source() {
        return brief.press().name() + ", " + market.called();
    }

    private Scalar amount(double value) {
        return new Scalar(value, market.currency(), 2);
    }

    private Figure share() {
        return Figure.given(
                "share", Wording.of("brief.money.your-share"), new Scalar(market.share() * 100, "%", 0), source());
    }

    /** What printing one copy costs. */
    public Figure printing() {
        Figure pages = Figure.given(
                "pages",
                Wording.of("brief.money.pages"),
                Scalar.count(pageCount, Wording.of("brief.money.pages-2")),
                "");
        Figure fixed = Figure.given("cost.fixed", Wording.of("brief.money.fixed-cost"), amount(cost.fixed()), source());
        Figure perPage = Figure.given(
                "cost.page",
                Wording.of("brief.money.cost-page"),
                new Scalar(cost.perPage(), market.currency(), 4),
                source());
        double print = cost.fixed() + cost.perPage() * pageCount;
        return Figure.computed(
                "cost.print",
                Wording.of("brief.money.printing-one"),
                amount(print),
                "{cost.fixed} + {cost.page} × {pages}",
                source(),
                fixed,
                perPage,
                pages);
    }

    private double print() {
        return cost.fixed() + cost.perPage() * pageCount;
    }

    /** The lowest list price at which nothing is lost. */
    public Figure lowest() {
        return priceFor("price.lowest", Wording.of("brief.money.lowest-price"), 0);
    }

    /**
     * The list price at which so much is kept, rounded up to the cent.
     *
     * @param kept from 0
     */
    public Figure priceToKeep(double kept) {
        return priceFor("price.to-keep", Wording.of("brief.money.price-keep", amountText(kept)), kept);
    }

    private Figure priceFor(String key, String label, double kept) {
        double price = upToCent((print() + kept) / market.share());
        if (kept == 0) {
            return Figure.computed(
                    key,
                    label,
                    amount(price),
                    "{cost.print} ÷ {share}",
                    Wording.of("brief.money.rounded-up-cent"),
                    printing(),
                    share());
        }
        Figure wish = Figure.given(
                "kept.wish",
                Wording.of("brief.money.wished-for"),
                amount(kept),
                Wording.of("brief.money.your-decision"));
        return Figure.computed(
                key,
                label,
                amount(price),
                "({cost.print} + {kept.wish}) ÷ {share}",
                Wording.of("brief.money.rounded-up-cent"),
                printing(),
                wish,
                share());
    }

    /** The next price from this one up that ends in .99 (common practice). */
    public static double upTo99(double price) {
        double next = Math.floor(price) + 0.99;
        return next + 1e-9 >= price ? next : next + 1;
    }

    /** The list price that the user has set here, if any. */
    public Optional<Double> price() {
        return Optional.ofNullable(plans.prices().get(market.id()));
    }

    /** What the author keeps of one copy at a list price. */
    public Figure kept(double price) {
        Figure list = Figure.given(
                "price.list",
                Wording.of("brief.money.list-price"),
                amount(price),
                Wording.of("brief.money.your-decision"));
        return Figure.computed(
                "price.kept",
                Wording.of("brief.money.at-you-keep", amountText(price)),
                amount(price * market.share() - print()),
                "{price.list} × {share} − {cost.print}",
                source(),
                list,
                share(),
                printing());
    }

    /** What is kept at the price that the user has set, where one is set. */
    public Optional<Figure> kept() {
        return price().map(this::kept);
    }

    /** What is kept, in the user's own currency, where a price and a rate are set. */
    public Optional<Figure> keptInOwn() {
        String own = plans.ownCurrency();
        Optional<Double> rate = market.currency().equals(own)
                ? Optional.of(1.0)
                : Optional.ofNullable(plans.rates().get(market.currency()));
        if (own.isEmpty() || rate.isEmpty()) {
            return Optional.empty();
        }
        Figure worth = Figure.given(
                "rate",
                Wording.of("brief.money.one", market.currency()),
                new Scalar(rate.get(), own, 4),
                market.currency().equals(own)
                        ? Wording.of("brief.money.same-currency")
                        : Wording.of("brief.money.your-rate"));
        return kept().map(k -> Figure.computed(
                "price.kept.own",
                Wording.of("brief.money.kept", own),
                new Scalar(((Scalar) k.value()).value() * rate.get(), own, 2),
                "{price.kept} × {rate}",
                "",
                k,
                worth));
    }

    /** The cost of printing one in each ink of the press that has a cost here. */
    public List<Figure> byInk() {
        List<Figure> all = new ArrayList<>();
        for (var ink : brief.press().inks()) {
            in(market, brief.withInk(ink.id()), plans, pageCount).ifPresent(m -> {
                Figure f = m.printing();
                all.add(new Figure(
                        "cost.print." + ink.id(),
                        Wording.of("brief.money.in", ink.called()),
                        f.value(),
                        f.precision(),
                        f.formula(),
                        f.inputs(),
                        f.source()));
            });
        }
        return all;
    }

    /** A batch from a copy shop: the whole, what each costs, and from how many copies on it is cheaper than the press. */
    public List<Figure> batch() {
        return plans.batch().map(this::batch).orElse(List.of());
    }

    private List<Figure> batch(Plans.PrintBatch b) {
        Figure copies = Figure.given(
                "batch.copies",
                Wording.of("brief.money.copies"),
                Scalar.count(b.copies(), Wording.of("brief.money.copies-2")),
                Wording.of("brief.money.your-decision"));
        Figure setup = Figure.given(
                "batch.setup",
                Wording.of("brief.money.fixed-part"),
                amount(b.setup()),
                Wording.of("brief.money.your-shop"));
        Figure each = Figure.given(
                "batch.copy",
                Wording.of("brief.money.price-copy"),
                amount(b.perCopy()),
                Wording.of("brief.money.your-shop"));
        double total = b.setup() + b.perCopy() * b.copies();
        Figure whole = Figure.computed(
                "batch.total",
                Wording.of("brief.money.batch"),
                amount(total),
                "{batch.setup} + {batch.copy} × {batch.copies}",
                "",
                setup,
                each,
                copies);
        List<Figure> all = new ArrayList<>();
        all.add(whole);
        all.add(Figure.computed(
                "batch.each",
                Wording.of("brief.money.one-them"),
                amount(total / b.copies()),
                "{batch.total} ÷ {batch.copies}",
                "",
                whole,
                copies));
        if (print() > b.perCopy()) {
            double from = Math.max(1, Math.ceil(b.setup() / (print() - b.perCopy()) - 1e-9));
            all.add(Figure.computed(
                    "batch.break-even",
                    Wording.of("brief.money.cheaper-from"),
                    Scalar.count((long) from, Wording.of("brief.money.copies-2", (long) from)),
                    "{batch.setup} ÷ ({cost.print} − {batch.copy})",
                    Wording.of("brief.money.rounded-up-before-press"),
                    setup,
                    printing(),
                    each));
        }
        return all;
    }

    private String amountText(double value) {
        return amount(value).format(jorn.measure.Unit.INCH, jorn.measure.Quantity.Precision.PLAIN);
    }

    private static double upToCent(double value) {
        return Math.ceil(value * 100 - 1e-6) / 100;
    }
}
