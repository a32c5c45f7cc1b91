package jorn.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import jorn.book.DirectPlan;
import jorn.book.PrintBatch;
import jorn.book.ShopPrices;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.say.Wording;

/**
 * A batch of copies from a shop, beside the same batch from the press.
 *
 * <p>Textbook break-even: an order costs a fixed part and so much a copy; of two that differ in both, one becomes cheaper at the count at
 * which the difference of the fixed parts is the difference of the copies.
 */
public final class BulkOrder {
    private final PrintBatch order;
    private final Optional<ShopPrices> prices;
    private final int pages;
    private final String currency;
    private final PrintCost press;
    private final double pressFixed;
    private final double pressTax;

    private BulkOrder(Copy copy, PrintBatch typed, String currency, PrintCost press) {
        this.prices = copy.plans().shop();
        this.pages = copy.pages();
        this.currency = currency;
        this.press = press;
        this.pressFixed = copy.plans().direct().map(DirectPlan::delivery).orElse(0.0);
        this.pressTax = copy.plans().direct().map(DirectPlan::tax).orElse(0.0);
        this.order = prices.filter(p -> each(p) > 0)
                .map(p -> new PrintBatch(typed.copies(), p.cuts(), each(p)))
                .orElse(typed);
    }

    static Optional<BulkOrder> of(Copy copy, String currency, PrintCost press) {
        return copy.plans().batch().map(b -> new BulkOrder(copy, b, currency, press));
    }

    private int inColour(ShopPrices p) {
        return Math.min(pages, p.colourPages());
    }

    private double each(ShopPrices p) {
        return p.blackPage() * (pages - inColour(p)) + p.colourPage() * inColour(p) + p.cover() + p.coil() + p.film();
    }

    /** How many copies are ordered. */
    public int copies() {
        return order.copies();
    }

    public String currency() {
        return currency;
    }

    /** What so many copies cost at the shop. */
    public double shopTotal(double copies) {
        return order.setup() + order.perCopy() * copies;
    }

    /** What so many copies cost from the press, with delivery and tax where the user reckons with them. */
    public double pressTotal(double copies) {
        return pressFixed + pressEach() * copies;
    }

    private double pressEach() {
        return press.amount() * (1 + pressTax / 100);
    }

    /** The first count of copies, from 1, from which on the other one is cheaper; nothing where one always is. */
    public OptionalInt turningPoint() {
        double fixed = order.setup() - pressFixed;
        double perCopy = pressEach() - order.perCopy();
        if (perCopy == 0 || fixed / perCopy < 0 || fixed == 0) {
            return OptionalInt.empty();
        }
        return OptionalInt.of((int) Math.min(Integer.MAX_VALUE, Math.max(1, Math.ceil(fixed / perCopy - 1e-9))));
    }

    /** Whether the shop is the cheaper one for many copies. */
    public boolean isShopForMany() {
        return pressEach() > order.perCopy() || (pressEach() == order.perCopy() && order.setup() < pressFixed);
    }

    private Scalar amount(double value) {
        return new Scalar(value, currency, 2);
    }

    private Figure typed(String key, String words, double value) {
        return Figure.given(key, Wording.of(words), amount(value), Wording.of("money.batch.your-shop"));
    }

    private Figure count(String key, String words, int n) {
        return Figure.given(
                key,
                Wording.of(words),
                Scalar.count(n, Wording.of("money.print-cost.pages-2")),
                Wording.of("money.batch.your-shop"));
    }

    /** What a copy costs at the shop: as typed, or reckoned from its price list. */
    private Figure each() {
        return prices.filter(p -> each(p) > 0)
                .map(p -> Figure.computed(
                        "batch.copy",
                        Wording.of("money.batch.price-copy"),
                        amount(each(p)),
                        "{shop.black} × {shop.black.pages} + {shop.colour} × {shop.colour.pages} + {shop.cover} + {shop.coil} + {shop.film}",
                        "",
                        typed("shop.black", "money.batch.black-page", p.blackPage()),
                        count("shop.black.pages", "money.batch.black-pages", pages - inColour(p)),
                        typed("shop.colour", "money.batch.colour-page", p.colourPage()),
                        count("shop.colour.pages", "money.batch.colour-pages", inColour(p)),
                        typed("shop.cover", "money.batch.cover", p.cover()),
                        typed("shop.coil", "money.batch.coil", p.coil()),
                        typed("shop.film", "money.batch.film", p.film())))
                .orElseGet(() -> typed("batch.copy", "money.batch.price-copy", order.perCopy()));
    }

    /** The whole, what each costs, and the count from which on the other one is cheaper. */
    public List<Figure> figures() {
        Figure copies = Figure.given(
                "batch.copies",
                Wording.of("money.batch.copies"),
                Scalar.count(order.copies(), Wording.of("money.batch.copies-2", (long) order.copies())),
                Wording.of("money.money.your-decision"));
        Figure setup = typed("batch.setup", "money.batch.fixed-part", order.setup());
        Figure each = each();
        double total = shopTotal(order.copies());
        Figure whole = Figure.computed(
                "batch.total",
                Wording.of("money.batch.batch"),
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
                Wording.of("money.batch.one-them"),
                amount(total / order.copies()),
                "{batch.total} ÷ {batch.copies}",
                "",
                whole,
                copies));
        turningPoint().ifPresent(n -> all.add(turn(n, setup, each)));
        return all;
    }

    private Figure turn(int from, Figure setup, Figure each) {
        Figure sent = Figure.given(
                "direct.delivery",
                Wording.of("money.direct-sale.delivery"),
                amount(pressFixed),
                Wording.of("money.money.your-decision"));
        Figure printed = press.whole();
        boolean taxed = pressTax > 0;
        Figure taxRate = Figure.given(
                "direct.tax.rate",
                Wording.of("money.direct-sale.tax-rate"),
                new Scalar(pressTax, "%", 1),
                Wording.of("money.money.your-decision"));
        List<Figure> inputs = new ArrayList<>(List.of(setup, printed, each));
        if (pressFixed > 0) {
            inputs.add(sent);
        }
        if (taxed) {
            inputs.add(taxRate);
        }
        String fixed = pressFixed > 0 ? "({batch.setup} − {direct.delivery})" : "{batch.setup}";
        String copy = taxed ? "{cost.print} × (100 % + {direct.tax.rate})" : "{cost.print}";
        return Figure.computed(
                "batch.break-even",
                Wording.of(isShopForMany() ? "money.batch.cheaper-from" : "money.batch.press-cheaper-from"),
                Scalar.count(from, Wording.of("money.batch.copies-2", (long) from)),
                fixed + " ÷ (" + copy + " − {batch.copy})",
                Wording.of(isShopForMany() ? "money.batch.rounded-up-before-press" : "money.batch.before-shop"),
                inputs.toArray(Figure[]::new));
    }
}
