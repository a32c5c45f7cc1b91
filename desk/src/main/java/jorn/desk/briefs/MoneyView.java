package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Plans;
import jorn.brief.Money;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Figure;
import jorn.measure.Numeral;
import jorn.measure.Scalar;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Costs, prices and what is kept, in every market of the press; and a batch from a copy shop. */
public final class MoneyView extends BriefView {
    private double wish = 1.00;

    public MoneyView(Desk desk) {
        super(desk);
    }

    @Override
    protected void fill(VBox page) {
        Book book = desk.book();
        List<Money> markets = Money.everywhere(
                book.brief(), book.plans(), desk.state().get().pagination().pageCount());
        if (markets.isEmpty()) {
            page.getChildren()
                    .add(Labels.wrapped(
                            Wording.of(
                                    "desk.money.states-no-costs-so",
                                    book.brief().press().name()),
                            "soft"));
            return;
        }
        page.getChildren()
                .addAll(
                        Labels.wrapped(Wording.of("desk.money.move-the-point"), "soft"),
                        prices(markets, book.plans()),
                        finder(markets),
                        inks(markets.get(0)),
                        own(markets, book.plans()));
        page.getChildren()
                .addAll(
                        Labels.label(Wording.of("desk.money.batch-from-shop"), "heading"),
                        batch(markets.get(0), book.plans()));
    }

    private GridPane prices(List<Money> markets, Plans plans) {
        GridPane grid = table();
        boolean own = !plans.ownCurrency().isEmpty();
        boolean narrow = isNarrow();
        List<String> heads = new ArrayList<>(List.of(
                Wording.of("desk.money.market"),
                Wording.of("desk.money.printing-one"),
                Wording.of("desk.money.lowest-price"),
                Wording.of("desk.money.your-price"),
                Wording.of("desk.money.you-keep")));
        if (own) {
            heads.add(Wording.of("desk.money.in", plans.ownCurrency()));
        }
        if (!narrow) {
            heads.add(Wording.of("desk.money.price-against-kept"));
        }
        head(grid, heads.toArray(String[]::new));
        int row = 1;
        for (Money money : markets) {
            String id = money.market().id();
            List<Node> cells = new ArrayList<>(List.of(
                    Labels.label(money.market().called()),
                    Labels.label(text(money.printing())),
                    Labels.label(text(money.lowest())),
                    price(money),
                    kept(money)));
            if (own) {
                cells.add(Labels.label(money.keptInOwn().map(this::text).orElse("—")));
            }
            PricePlot plot = new PricePlot(
                    money,
                    em(),
                    p -> desk.attempt(() ->
                            desk.change("price", b -> b.withPlans(b.plans().withPrice(id, Optional.of(p))))));
            if (!narrow) {
                cells.add(plot);
            }
            cells.forEach(c -> ((Region) c).setMinWidth(Region.USE_PREF_SIZE));
            grid.addRow(row, cells.toArray(Node[]::new));
            if (narrow) {
                row++;
                grid.add(plot, 0, row, cells.size(), 1);
            }
            row++;
        }
        return grid;
    }

    private Node price(Money money) {
        String id = money.market().id();
        return field(
                Wording.of("desk.money.price", money.market().called()),
                "price-" + id,
                money.price().map(p -> Numeral.fixed(p, 2)).orElse(""),
                Wording.of("desk.money.your-list-price", money.market().currency()),
                5,
                text -> desk.change(
                        "price",
                        b -> b.withPlans(b.plans().withPrice(id, amount(text, Wording.of("desk.money.price-2"))))));
    }

    private Label kept(Money money) {
        Label kept = Labels.label(money.kept().map(this::text).orElse("—"), "strong");
        kept.setId("kept-" + money.market().id());
        if (money.kept().filter(k -> value(k) < 0).isPresent()) {
            kept.getStyleClass().add("thread");
        }
        return kept;
    }

    private VBox finder(List<Money> markets) {
        var wished = field(
                Wording.of("desk.money.keep"),
                "price-finder",
                Numeral.fixed(wish, 2),
                Wording.of("desk.money.what-you-want-keep"),
                5,
                text -> {
                    wish = amount(text, Wording.of("desk.money.amount"))
                            .filter(a -> a < 100_000)
                            .orElseThrow(() -> Trouble.of("desk.money.nothing-wished-for"));
                    show();
                });
        HBox ask = row(
                Labels.label(Wording.of("desk.money.keep"), "soft"),
                wished,
                Labels.label(Wording.of("desk.money.each-copy-ask-at"), "soft"));
        VBox box = new VBox(2, ask);
        for (Money money : markets) {
            double least = value(money.priceToKeep(wish));
            String currency = money.market().currency();
            String words = Wording.of(
                    "desk.money.rounded",
                    money.market().called(),
                    Numeral.fixed(least, 2),
                    currency,
                    Numeral.fixed(Money.upTo99(least), 2));
            var take = Labels.act(
                    Wording.of("desk.money.take"),
                    Wording.of("desk.money.make-your-price-there"),
                    () -> desk.change(
                            "price",
                            b -> b.withPlans(
                                    b.plans().withPrice(money.market().id(), Optional.of(Money.upTo99(least))))));
            take.setId("take-" + money.market().id());
            box.getChildren().add(row(Labels.label(words), take));
        }
        return box;
    }

    private Label inks(Money money) {
        StringBuilder words = new StringBuilder(
                Wording.of("desk.money.printing-one-2", money.market().called()));
        List<Figure> all = money.byInk();
        for (int i = 0; i < all.size(); i++) {
            words.append(i == 0 ? "" : "; ")
                    .append(Wording.within(all.get(i).label()))
                    .append(" ")
                    .append(text(all.get(i)));
        }
        return Labels.wrapped(words + ".", "soft");
    }

    private HBox own(List<Money> markets, Plans plans) {
        HBox row = row(Labels.label(Wording.of("desk.money.compare"), "soft"));
        row.getChildren()
                .add(field(
                        Wording.of("desk.money.your-currency"),
                        "own-currency",
                        plans.ownCurrency(),
                        Wording.of("desk.money.currency-which-you-compare"),
                        4,
                        text -> desk.change(
                                "currency",
                                b -> b.withPlans(
                                        b.plans().withOwnCurrency(text.strip().toUpperCase(java.util.Locale.ROOT))))));
        TreeSet<String> others = new TreeSet<>();
        markets.forEach(m -> others.add(m.market().currency()));
        others.remove(plans.ownCurrency());
        if (!plans.ownCurrency().isEmpty()) {
            for (String currency : others) {
                row.getChildren()
                        .addAll(
                                Labels.label("1 " + currency + " =", "soft"),
                                field(
                                        Wording.of("desk.money.rate", currency),
                                        "rate-" + currency,
                                        Optional.ofNullable(plans.rates().get(currency))
                                                .map(r -> Numeral.trimmed(r, 4))
                                                .orElse(""),
                                        Wording.of("desk.money.what-one-worth-your", currency),
                                        4,
                                        text -> desk.change(
                                                "rate",
                                                b -> b.withPlans(b.plans()
                                                        .withRate(
                                                                currency,
                                                                amount(text, Wording.of("desk.money.rate-2")))))));
            }
        }
        return row;
    }

    private VBox batch(Money money, Plans plans) {
        Plans.PrintBatch now = plans.batch().orElse(new Plans.PrintBatch(50, 0, 3));
        boolean set = plans.batch().isPresent();
        HBox row = row(
                field(
                        Wording.of("desk.money.copies"),
                        "batch-copies",
                        set ? "" + now.copies() : "",
                        Wording.of("desk.money.how-many-copies-ordered"),
                        4,
                        text -> batch(
                                text.isBlank()
                                        ? Optional.empty()
                                        : Optional.of(new Plans.PrintBatch(
                                                Numeral.count(
                                                        text, Wording.of("desk.money.number-copies"), 1, 1_000_000),
                                                now.setup(),
                                                now.perCopy())))),
                Labels.label(Wording.of("desk.money.copies-fixed-part"), "soft"),
                field(
                        Wording.of("desk.money.fixed-part"),
                        "batch-setup",
                        set ? Numeral.fixed(now.setup(), 2) : "",
                        Wording.of("desk.money.what-order-costs-before"),
                        5,
                        text -> batch(Optional.of(new Plans.PrintBatch(
                                now.copies(),
                                amount(text, Wording.of("desk.money.amount")).orElse(0.0),
                                now.perCopy())))),
                Labels.label(Wording.of("desk.money.for-each"), "soft"),
                field(
                        Wording.of("desk.money.price-copy"),
                        "batch-each",
                        set ? Numeral.fixed(now.perCopy(), 2) : "",
                        Wording.of("desk.money.what-shop-asks-for"),
                        5,
                        text -> batch(Optional.of(new Plans.PrintBatch(
                                now.copies(),
                                now.setup(),
                                amount(text, Wording.of("desk.money.amount")).orElse(0.0))))));
        VBox box = new VBox(2, row);
        List<Figure> figures = money.batch();
        if (figures.isEmpty()) {
            box.getChildren().add(Labels.wrapped(Wording.of("desk.money.write-how-many-copies"), "soft"));
            return box;
        }
        StringBuilder words = new StringBuilder();
        figures.forEach(f -> words.append(words.isEmpty() ? "" : "; ")
                .append(words.isEmpty() ? f.label() : Wording.within(f.label()))
                .append(" ")
                .append(text(f)));
        if (figures.size() < 3) {
            words.append(Wording.of("desk.money.never-cheaper-than-press", text(money.printing())));
        }
        Label said = Labels.wrapped(words + ".", "strong");
        said.setId("batch-result");
        box.getChildren().add(said);
        return box;
    }

    private void batch(Optional<Plans.PrintBatch> batch) {
        desk.change("batch", b -> b.withPlans(b.plans().withBatch(batch)));
    }

    private String text(Figure figure) {
        return figure.text(Unit.INCH);
    }

    private static double value(Figure figure) {
        return ((Scalar) figure.value()).value();
    }

    private static GridPane table() {
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(3);
        return grid;
    }

    private static void head(GridPane grid, String... names) {
        for (int i = 0; i < names.length; i++) {
            Label head = Labels.label(names[i], "table-head");
            head.setMinWidth(Label.USE_PREF_SIZE);
            grid.add(head, i, 0);
        }
    }

    private static HBox row(javafx.scene.Node... nodes) {
        HBox row = new HBox(8, nodes);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }
}
