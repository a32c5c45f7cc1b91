package jorn.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.press.CostRule;
import jorn.press.Market;
import jorn.say.Wording;

/**
 * What printing one copy costs in a market, with its working.
 *
 * <p>Common practice: cost = fixed + per page × pages. The rule hangs on the ink, on the class of the trim and on the page count; very
 * short books may cost one flat sum. Where the press charges pages without colour as another ink, they are counted apart.
 */
final class PrintCost {
    private final Copy copy;
    private final Market market;
    private final CostRule rule;
    private final Optional<CostRule> plain;

    private PrintCost(Copy copy, Market market, CostRule rule, Optional<CostRule> plain) {
        this.copy = copy;
        this.market = market;
        this.rule = rule;
        this.plain = plain;
    }

    /** Nothing where the press states no cost for such a book there. */
    static Optional<PrintCost> of(Copy copy, Market market) {
        Optional<String> size = copy.brief().press().trimClass(copy.brief().trim());
        Optional<CostRule> plain = copy.coloured().isEmpty()
                ? Optional.empty()
                : copy.brief().inkSet().plainAs().flatMap(ink -> market.cost(ink, size, copy.pages()));
        return market.cost(copy.brief().ink(), size, copy.pages()).map(r -> new PrintCost(copy, market, r, plain));
    }

    private int plainPages() {
        return plain.isPresent() ? copy.pages() - copy.coloured().orElse(copy.pages()) : 0;
    }

    private double pagesCost() {
        return rule.perPage() * (copy.pages() - plainPages())
                + plain.map(CostRule::perPage).orElse(0.0) * plainPages();
    }

    /** The whole, not rounded. */
    double amount() {
        return rule.fixed() + pagesCost();
    }

    private String source() {
        List<String> all = new ArrayList<>(List.of(copy.brief().press().name(), market.called()));
        rule.trim().ifPresent(t -> all.add(Wording.of("money.print-cost.trim-class", jorn.say.TradeName.of(t))));
        rule.pages().ifPresent(b -> all.add(Wording.of("money.print-cost.band", b.inFigures())));
        return String.join(", ", all);
    }

    private Scalar sum(double value) {
        return new Scalar(value, market.currency(), 2);
    }

    private Figure perPage(String key, String label, double value) {
        return Figure.given(key, label, new Scalar(value, market.currency(), 4), source());
    }

    private static Figure count(String key, String label, int n, String source) {
        return Figure.given(key, label, Scalar.count(n, Wording.of("money.print-cost.pages-2")), source);
    }

    /** What a copy costs before its first page. */
    Figure fixed() {
        return Figure.given(
                "cost.fixed",
                Wording.of(rule.isFlat() ? "money.print-cost.flat" : "money.print-cost.fixed-cost"),
                sum(rule.fixed()),
                source());
    }

    /** What its pages cost. */
    Figure pages() {
        String label = Wording.of("money.print-cost.pages-cost");
        Figure each = perPage("cost.page", Wording.of("money.print-cost.cost-page"), rule.perPage());
        if (plain.isEmpty()) {
            Figure pages = count("pages", Wording.of("money.print-cost.pages"), copy.pages(), "");
            return Figure.computed(
                    "cost.pages", label, sum(pagesCost()), "{cost.page} × {pages}", source(), each, pages);
        }
        String counted = Wording.of("money.print-cost.counted");
        return Figure.computed(
                "cost.pages",
                label,
                sum(pagesCost()),
                "{cost.page} × {pages.coloured} + {cost.page.plain} × {pages.plain}",
                source(),
                each,
                count("pages.coloured", Wording.of("money.print-cost.coloured"), copy.pages() - plainPages(), counted),
                perPage(
                        "cost.page.plain",
                        Wording.of("money.print-cost.cost-plain"),
                        plain.get().perPage()),
                count("pages.plain", Wording.of("money.print-cost.plain"), plainPages(), counted));
    }

    /** The whole. */
    Figure whole() {
        return Figure.computed(
                "cost.print",
                Wording.of("money.money.printing-one"),
                sum(amount()),
                "{cost.fixed} + {cost.pages}",
                source(),
                fixed(),
                pages());
    }
}
