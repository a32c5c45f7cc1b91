package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Plans;
import jorn.book.Selling;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Figure;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.money.Copy;
import jorn.money.Money;
import jorn.say.Wording;

/** Costs, prices and what is kept, in every market of the press and in each way to buyers; copies of the author's own; a batch. */
public final class MoneyView extends BriefView {
    private double wish = 1.00;

    public MoneyView(Desk desk) {
        super(desk);
    }

    @Override
    protected void fill(VBox page) {
        Book book = desk.book();
        BookState state = desk.state().get();
        Copy copy =
                Copy.of(book, state.pagination().pageCount(), state.edition().colouredPages());
        List<Money> markets = Money.everywhere(copy);
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
                        selling(markets, book),
                        prices(markets, book.plans()),
                        finder(markets),
                        inks(markets.get(0)),
                        own(markets, book.plans()));
        page.getChildren().addAll(new DirectPart(desk, this, markets.get(0)).nodes());
        page.getChildren().addAll(new BatchPart(desk, this, markets.get(0)).nodes());
    }

    /** As what it is taxed, and by which ways it is sold beside the press's own shop. */
    private FlowPane selling(List<Money> markets, Book book) {
        FlowPane row = new FlowPane(8, 4);
        row.setRowValignment(javafx.geometry.VPos.CENTER);
        row.getChildren().add(Labels.label(Wording.of("desk.money.taxed-as"), "soft"));
        for (boolean stationery : new boolean[] {false, true}) {
            String id = stationery ? "stationery" : "book";
            var word = Labels.oneOf(
                    Wording.of("desk.money.as-" + id),
                    Wording.of("desk.money.as-" + id + "-help"),
                    book.isStationery() == stationery,
                    () -> change(s -> s.withStationery(Optional.of(stationery))));
            word.setId("taxed-as-" + id);
            row.getChildren().add(word);
        }
        Map<String, String> ways = new LinkedHashMap<>();
        markets.forEach(m -> m.market().channels().forEach(c -> ways.putIfAbsent(c.id(), c.called())));
        if (!ways.isEmpty()) {
            row.getChildren().add(Labels.label(Wording.of("desk.money.sold-also"), "soft"));
        }
        ways.forEach((id, name) -> {
            boolean used = book.plans().selling().channels().contains(id);
            var word = Labels.oneOf(
                    name, Wording.of("desk.money.sold-also-help"), used, () -> change(s -> s.withChannel(id, !used)));
            word.setId("channel-" + id);
            row.getChildren().add(word);
        });
        return row;
    }

    private void change(UnaryOperator<Selling> change) {
        desk.attempt(() -> desk.change(
                "selling",
                b -> b.withPlans(b.plans().withSelling(change.apply(b.plans().selling())))));
    }

    private GridPane prices(List<Money> markets, Plans plans) {
        GridPane grid = table();
        boolean own = !plans.ownCurrency().isEmpty();
        boolean narrow = isNarrow();
        List<String> heads = new ArrayList<>(List.of(
                Wording.of("desk.money.market"),
                Wording.of("desk.money.printing-one"),
                Wording.of("desk.money.tax-inside"),
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
                    tax(money),
                    Labels.label(text(money.lowest())),
                    price(money),
                    kept(money, "kept-" + id)));
            if (own) {
                cells.add(Labels.label(money.keptInOwn().map(this::text).orElse("—")));
            }
            PricePlot plot = new PricePlot(
                    money,
                    em(),
                    p -> desk.attempt(() ->
                            desk.change("price", b -> b.withPlans(b.plans().withPrice(id, Optional.of(p))))));
            List<Money> further = money.ways().subList(1, money.ways().size());
            if (!narrow) {
                cells.add(plot);
                GridPane.setRowSpan(plot, 1 + further.size());
            }
            cells.forEach(c -> ((Region) c).setMinWidth(Region.USE_PREF_SIZE));
            cells.forEach(c -> GridPane.setValignment(c, further.isEmpty() ? VPos.CENTER : VPos.TOP));
            grid.addRow(row, cells.toArray(Node[]::new));
            for (Money way : further) {
                row++;
                way(grid, row, way, own);
            }
            if (narrow) {
                row++;
                grid.add(plot, 0, row, cells.size(), 1);
            }
            row++;
        }
        return grid;
    }

    /** A further way to buyers, under its market. */
    private void way(GridPane grid, int row, Money way, boolean own) {
        Label name = Labels.label(way.channel().called(), "soft");
        name.setStyle("-fx-padding: 0 0 0 1em;");
        Label lowest = Labels.label(text(way.lowest()));
        String id = way.market().id() + "-" + way.channel().id();
        lowest.setId("lowest-" + id);
        grid.add(name, 0, row, 3, 1);
        grid.add(lowest, 3, row);
        grid.add(kept(way, "kept-" + id), 5, row);
        if (own) {
            grid.add(Labels.label(way.keptInOwn().map(this::text).orElse("—")), 6, row);
        }
        grid.getChildren().stream()
                .filter(n -> Integer.valueOf(row).equals(GridPane.getRowIndex(n)) && n instanceof Region)
                .forEach(n -> {
                    ((Region) n).setMinWidth(Region.USE_PREF_SIZE);
                    GridPane.setValignment(n, VPos.TOP);
                });
    }

    /** The rate that list prices contain; the press's until the user types another. */
    private Node tax(Money money) {
        String id = money.market().id();
        HBox cell = row(
                field(
                        Wording.of("desk.money.tax", money.market().called()),
                        "tax-" + id,
                        Numeral.trimmed(money.taxRate().number(), 2),
                        Wording.of("desk.money.tax-help", money.taxRate().source()),
                        2,
                        text -> desk.change(
                                "selling",
                                b -> b.withPlans(b.plans()
                                        .withSelling(b.plans().selling().withTax(id, rate(text)))))),
                Labels.label("%", "soft"));
        cell.setSpacing(3);
        return cell;
    }

    private static Optional<Double> rate(String text) {
        String figures = text.replace("%", "").strip();
        if (figures.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Numeral.readSigned(figures)
                .orElseThrow(() -> Trouble.of("desk.brief.not", text.strip(), Wording.of("desk.money.tax-rate"))));
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

    private Label kept(Money money, String id) {
        Label kept = Labels.label(money.kept().map(this::text).orElse("—"), "strong");
        kept.setId(id);
        if (money.kept().filter(k -> k.number() < 0).isPresent()) {
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
            // Of all ways in which it is sold there, the one that leaves least decides.
            double least = money.ways().stream()
                    .mapToDouble(m -> m.priceToKeep(wish).number())
                    .max()
                    .orElseThrow();
            double round = money.ways().stream()
                    .mapToDouble(m -> m.priceToKeep99(wish))
                    .max()
                    .orElseThrow();
            String currency = money.market().currency();
            String words = Wording.of(
                    "desk.money.rounded",
                    money.market().called(),
                    Numeral.fixed(least, 2),
                    currency,
                    Numeral.fixed(round, 2));
            var take = Labels.act(
                    Wording.of("desk.money.take"),
                    Wording.of("desk.money.make-your-price-there"),
                    () -> desk.change(
                            "price",
                            b -> b.withPlans(b.plans().withPrice(money.market().id(), Optional.of(round)))));
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

    private String text(Figure figure) {
        return figure.text(Unit.INCH);
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
