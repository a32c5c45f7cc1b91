package jorn.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.book.DirectPlan;
import jorn.book.DirectPlan.PostageBand;
import jorn.measure.Figure;
import jorn.measure.Numeral;
import jorn.measure.Scalar;
import jorn.say.Wording;

/**
 * Copies that the author orders from the press and sells: what each has cost when it is there, what posting one costs, and what is kept at
 * a stall, by post, and through a shop on sale or return.
 */
public final class DirectSale {
    /** As much of a step's weight a thinner paper or envelope may save. */
    private static final double A_LITTLE = 0.1;

    private final DirectPlan plan;
    private final String currency;
    private final PrintCost cost;
    private final Figure weight;

    DirectSale(DirectPlan plan, String currency, PrintCost cost, Figure weight) {
        this.plan = plan;
        this.currency = currency;
        this.cost = cost;
        this.weight = weight;
    }

    private Scalar amount(double value) {
        return new Scalar(value, currency, 2);
    }

    private Figure yours(String key, String words, Scalar value) {
        return Figure.given(key, Wording.of(words), value, Wording.of("money.money.your-decision"));
    }

    private Figure copies() {
        return yours(
                "direct.copies",
                "money.batch.copies",
                Scalar.count(plan.copies(), Wording.of("money.batch.copies-2", (long) plan.copies())));
    }

    private double orderAmount() {
        return cost.amount() * plan.copies() * (1 + plan.tax() / 100) + plan.delivery();
    }

    /** What the order costs until it is there. */
    public Figure order() {
        return Figure.computed(
                "direct.order",
                Wording.of("money.direct-sale.order"),
                amount(orderAmount()),
                "{cost.print} × {direct.copies} × (100 % + {direct.tax.rate}) + {direct.delivery}",
                "",
                cost.whole(),
                copies(),
                yours("direct.tax.rate", "money.direct-sale.tax-rate", new Scalar(plan.tax(), "%", 1)),
                yours("direct.delivery", "money.direct-sale.delivery", amount(plan.delivery())));
    }

    private double eachAmount() {
        return orderAmount() / plan.copies();
    }

    /** What each of them has cost. */
    public Figure each() {
        return Figure.computed(
                "direct.each",
                Wording.of("money.direct-sale.each"),
                amount(eachAmount()),
                "{direct.order} ÷ {direct.copies}",
                "",
                order(),
                copies());
    }

    private double grams() {
        return weight.number() + plan.packing();
    }

    /** What a copy weighs in its envelope. */
    public Figure posted() {
        return Figure.computed(
                "post.weight",
                Wording.of("money.direct-sale.posted"),
                new Scalar(grams(), "g", 0),
                "{" + weight.key() + "} + {post.packing}",
                "",
                weight,
                yours("post.packing", "money.direct-sale.packing", new Scalar(plan.packing(), "g", 0)));
    }

    private Optional<PostageBand> band() {
        // Scales show whole grams.
        return plan.postage().stream()
                .filter(b -> Math.round(grams()) <= b.upTo())
                .findFirst();
    }

    /** What posting one costs; nothing where no band is given, or none is wide enough. */
    public Optional<Figure> postage() {
        return band().map(b -> new Figure(
                "post.cost",
                Wording.of("money.direct-sale.postage"),
                amount(b.price()),
                jorn.measure.Quantity.Precision.PLAIN,
                "",
                List.of(posted()),
                Wording.of("money.direct-sale.up-to", Numeral.trimmed(b.upTo(), 1))));
    }

    /** By how little a copy misses the band below, or that it is too heavy for all; empty where there is nothing to say. */
    public String postageNote() {
        long grams = Math.round(grams());
        if (plan.postage().isEmpty()) {
            return "";
        }
        PostageBand last = plan.postage().get(plan.postage().size() - 1);
        if (band().isEmpty()) {
            return Wording.of("money.direct-sale.too-heavy", grams, Numeral.trimmed(last.upTo(), 1));
        }
        return plan.postage().stream()
                .filter(b -> b.upTo() < grams)
                .reduce((lighter, heavier) -> heavier)
                .filter(below -> grams - below.upTo() <= below.upTo() * A_LITTLE)
                .map(below -> Wording.of(
                        "money.direct-sale.over-band",
                        Numeral.trimmed(grams - below.upTo(), 1),
                        Numeral.trimmed(below.upTo(), 1),
                        Numeral.fixed(band().get().price() - below.price(), 2) + " " + currency))
                .orElseGet(() -> Wording.of(
                        "money.direct-sale.room-left",
                        Numeral.trimmed(band().get().upTo() - grams, 1)));
    }

    private Figure price() {
        return yours("direct.price", "money.direct-sale.price", amount(plan.price()));
    }

    /** What is kept of a copy that is sold from hand to hand. */
    public Figure keptAtStall() {
        return Figure.computed(
                "direct.kept",
                Wording.of("money.direct-sale.at-stall"),
                amount(plan.price() - eachAmount()),
                "{direct.price} − {direct.each}",
                "",
                price(),
                each());
    }

    /** What is kept of a copy that is posted at the author's cost. */
    public Optional<Figure> keptByPost() {
        return postage()
                .map(p -> Figure.computed(
                        "direct.kept.post",
                        Wording.of("money.direct-sale.by-post"),
                        amount(plan.price() - eachAmount() - p.number()),
                        "{direct.price} − {direct.each} − {post.cost}",
                        "",
                        price(),
                        each(),
                        p));
    }

    private double paid() {
        return plan.price() * (1 - plan.discount() / 100);
    }

    private Figure paidByShop() {
        return Figure.computed(
                "return.paid",
                Wording.of("money.direct-sale.paid"),
                amount(paid()),
                "{direct.price} × (100 % − {return.discount})",
                "",
                price(),
                yours("return.discount", "money.direct-sale.discount", new Scalar(plan.discount(), "%", 0)));
    }

    /** What is kept of a copy that a shop has sold. */
    public Figure keptByShop() {
        return Figure.computed(
                "return.kept",
                Wording.of("money.direct-sale.by-shop"),
                amount(paid() - eachAmount()),
                "{return.paid} − {direct.each}",
                "",
                paidByShop(),
                each());
    }

    /** How many the shop must sell until the order has paid for itself; nothing where not even all of them would do. */
    public Optional<Figure> mustSell() {
        if (!(paid() > 0)) {
            return Optional.empty();
        }
        long n = (long) Math.ceil(orderAmount() / paid() - 1e-9);
        return n > plan.copies()
                ? Optional.empty()
                : Optional.of(Figure.computed(
                        "return.break-even",
                        Wording.of("money.direct-sale.must-sell"),
                        Scalar.count(n, Wording.of("money.batch.copies-2", n)),
                        "{direct.order} ÷ {return.paid}",
                        Wording.of("money.direct-sale.rest-comes-back"),
                        order(),
                        paidByShop()));
    }

    /** All that can be said, in order. */
    public List<Figure> figures() {
        List<Figure> all = new ArrayList<>(List.of(order(), each(), posted()));
        postage().ifPresent(all::add);
        if (plan.price() > 0) {
            all.add(keptAtStall());
            keptByPost().ifPresent(all::add);
            all.add(keptByShop());
            mustSell().ifPresent(all::add);
        }
        return all;
    }
}
