package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import jorn.book.Brief;
import jorn.book.Plans;
import jorn.book.PrintBatch;
import jorn.book.ShopPrices;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Figure;
import jorn.measure.Numeral;
import jorn.measure.Unit;
import jorn.money.BulkOrder;
import jorn.money.Money;
import jorn.say.Wording;

/** Many copies at once, from a shop or from the press, and the point at which one becomes cheaper: a part of the page of money. */
final class BatchPart {
    private static final int MOST_COPIES = 1_000_000;

    private final Desk desk;
    private final BriefView page;
    private final Money money;
    private final Plans plans;

    /** @param page the page that it stands on */
    BatchPart(Desk desk, BriefView page, Money money) {
        this.desk = desk;
        this.page = page;
        this.money = money;
        this.plans = desk.book().plans();
    }

    List<Node> nodes() {
        List<Node> all = new ArrayList<>(
                List.of(Labels.label(Wording.of("desk.money.batch-from-shop"), "heading"), order(), how()));
        plans.shop().ifPresent(p -> all.add(prices(p)));
        Optional<BulkOrder> batch = money.batch();
        if (batch.isEmpty()) {
            all.add(Labels.wrapped(Wording.of("desk.money.write-how-many-copies"), "soft"));
            return all;
        }
        all.add(said(batch.get()));
        all.add(new BatchPlot(batch.get(), page.em()));
        return all;
    }

    private HBox order() {
        PrintBatch now = plans.batch().orElse(new PrintBatch(50, 0, 3));
        boolean set = plans.batch().isPresent();
        HBox row = new HBox(
                8,
                page.field(
                        Wording.of("desk.money.copies"),
                        "batch-copies",
                        set ? "" + now.copies() : "",
                        Wording.of("desk.money.how-many-copies-ordered"),
                        4,
                        text -> change(
                                text.isBlank()
                                        ? Optional.empty()
                                        : Optional.of(now.withCopies(Numeral.count(
                                                text, Wording.of("desk.money.number-copies"), 1, MOST_COPIES))))),
                Labels.label(
                        Wording.of(
                                plans.shop().isPresent() ? "desk.money.copies-word" : "desk.money.copies-fixed-part"),
                        "soft"));
        if (plans.shop().isEmpty()) {
            row.getChildren()
                    .addAll(
                            sum(
                                    "desk.money.fixed-part",
                                    "batch-setup",
                                    set ? Numeral.fixed(now.setup(), 2) : "",
                                    "desk.money.what-order-costs-before",
                                    text -> change(Optional.of(now.withSetup(amount(text))))),
                            Labels.label(Wording.of("desk.money.for-each"), "soft"),
                            sum(
                                    "desk.money.price-copy",
                                    "batch-each",
                                    set ? Numeral.fixed(now.perCopy(), 2) : "",
                                    "desk.money.what-shop-asks-for",
                                    text -> change(Optional.of(now.withPerCopy(amount(text))))));
        }
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }

    /** Whether the shop's price of a copy is typed, or reckoned from its price list. */
    private HBox how() {
        boolean listed = plans.shop().isPresent();
        Button typed = Labels.oneOf(
                Wording.of("desk.money.copy-typed"),
                Wording.of("desk.money.copy-typed-help"),
                !listed,
                () -> shop(Optional.empty()));
        typed.setId("batch-typed");
        Button reckoned = Labels.oneOf(
                Wording.of("desk.money.copy-reckoned"),
                Wording.of("desk.money.copy-reckoned-help"),
                listed,
                () -> shop(Optional.of(plans.shop().orElse(ShopPrices.UNASKED))));
        reckoned.setId("batch-reckoned");
        return new HBox(8, typed, reckoned);
    }

    private FlowPane prices(ShopPrices now) {
        FlowPane row = new FlowPane(14, 4);
        row.getChildren()
                .addAll(
                        item("black-page", now.blackPage(), v -> now.withBlackPage(v)),
                        item("colour-page", now.colourPage(), v -> now.withColourPage(v)),
                        colourPages(now),
                        item("cover", now.cover(), v -> now.withCover(v)),
                        item("coil", now.coil(), v -> now.withCoil(v)),
                        item("film", now.film(), v -> now.withFilm(v)),
                        item("cuts", now.cuts(), v -> now.withCuts(v)));
        return row;
    }

    private interface Change {
        ShopPrices to(double value);
    }

    private HBox item(String name, double value, Change change) {
        HBox both = new HBox(
                6,
                Labels.label(Wording.of("desk.money.shop-" + name), "soft"),
                sum(
                        "desk.money.shop-" + name,
                        "shop-" + name,
                        Numeral.trimmed(value, 4),
                        "desk.money.shop-" + name + "-help",
                        text -> shop(Optional.of(change.to(amount(text))))));
        both.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return both;
    }

    private HBox colourPages(ShopPrices now) {
        HBox both = new HBox(
                6,
                Labels.label(Wording.of("desk.money.shop-colour-pages"), "soft"),
                page.field(
                        Wording.of("desk.money.shop-colour-pages"),
                        "shop-colour-pages",
                        "" + now.colourPages(),
                        Wording.of("desk.money.shop-colour-pages-help"),
                        3,
                        text -> shop(Optional.of(now.withColourPages(Numeral.count(
                                text, Wording.of("desk.money.shop-colour-pages"), 0, Brief.MOST_PAGES))))));
        both.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return both;
    }

    private Node sum(String name, String id, String value, String help, java.util.function.Consumer<String> take) {
        return page.field(Wording.of(name), id, value, Wording.of(help), 5, take);
    }

    private Label said(BulkOrder batch) {
        StringBuilder words = new StringBuilder();
        for (Figure f : batch.figures()) {
            words.append(words.isEmpty() ? f.label() : "; " + Wording.within(f.label()))
                    .append(" ")
                    .append(f.text(Unit.INCH));
        }
        if (batch.turningPoint().isEmpty()) {
            String key = batch.isShopForMany() ? "desk.money.always-cheaper" : "desk.money.never-cheaper-than-press";
            words.append(Wording.of(key, money.printing().text(Unit.INCH)));
        }
        Label said = Labels.wrapped(words + ".", "strong");
        said.setId("batch-result");
        return said;
    }

    private static double amount(String text) {
        return BriefView.amount(text, Wording.of("desk.money.amount")).orElse(0.0);
    }

    private void change(Optional<PrintBatch> batch) {
        plans(p -> p.withBatch(batch));
    }

    private void shop(Optional<ShopPrices> prices) {
        desk.attempt(() -> plans(p -> p.withShop(prices)));
    }

    private void plans(UnaryOperator<Plans> change) {
        desk.change("batch", b -> b.withPlans(change.apply(b.plans())));
    }
}
