package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import jorn.book.DirectPlan;
import jorn.book.DirectPlan.PostageBand;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Figure;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.money.DirectSale;
import jorn.money.Money;
import jorn.say.Wording;

/** Copies that the author orders and sells at a stall, by post, or through a shop on sale or return: a part of the page of money. */
final class DirectPart {
    private final Desk desk;
    private final BriefView page;
    private final Money money;

    /** @param page the page that it stands on */
    DirectPart(Desk desk, BriefView page, Money money) {
        this.desk = desk;
        this.page = page;
        this.money = money;
    }

    List<Node> nodes() {
        List<Node> all = new ArrayList<>();
        all.add(Labels.label(Wording.of("desk.direct.title"), "heading"));
        Optional<DirectPlan> set = desk.book().plans().direct();
        if (set.isEmpty()) {
            all.add(Labels.wrapped(Wording.of("desk.direct.about"), "soft"));
            Button begin = Labels.act(
                    Wording.of("desk.direct.begin"),
                    Wording.of("desk.direct.begin-help"),
                    () -> desk.attempt(() -> put(Optional.of(DirectPlan.CUSTOMARY))));
            begin.setId("direct-begin");
            all.add(begin);
            return all;
        }
        DirectPlan plan = set.get();
        all.add(fields(plan));
        all.add(postage(plan));
        money.direct(desk.state().get().measures().get("book.weight")).ifPresent(d -> all.addAll(results(plan, d)));
        Button away = Labels.act(
                Wording.of("desk.direct.away"),
                Wording.of("desk.direct.away-help"),
                () -> desk.attempt(() -> put(Optional.empty())));
        away.setId("direct-away");
        all.add(away);
        return all;
    }

    private interface Change {
        DirectPlan to(double value);
    }

    private FlowPane fields(DirectPlan plan) {
        String currency = money.market().currency();
        FlowPane row = new FlowPane(14, 4);
        row.getChildren()
                .addAll(
                        item(
                                "copies",
                                "" + plan.copies(),
                                "",
                                text -> plan.withCopies(
                                        Numeral.count(text, Wording.of("desk.money.number-copies"), 1, 1_000_000))),
                        item("tax", Numeral.trimmed(plan.tax(), 2), "%", number(plan::withTax)),
                        item("delivery", Numeral.fixed(plan.delivery(), 2), currency, number(plan::withDelivery)),
                        item("price", Numeral.fixed(plan.price(), 2), currency, number(plan::withPrice)),
                        item("discount", Numeral.trimmed(plan.discount(), 1), "%", number(plan::withDiscount)),
                        item("packing", Numeral.trimmed(plan.packing(), 0), "g", number(plan::withPacking)));
        return row;
    }

    private interface Reader {
        DirectPlan read(String text);
    }

    private static Reader number(Change change) {
        return text -> change.to(
                BriefView.amount(text, Wording.of("desk.money.amount")).orElse(0.0));
    }

    private HBox item(String name, String value, String unit, Reader reader) {
        HBox all = new HBox(
                5,
                Labels.label(Wording.of("desk.direct." + name), "soft"),
                page.field(
                        Wording.of("desk.direct." + name),
                        "direct-" + name,
                        value,
                        Wording.of("desk.direct." + name + "-help"),
                        4,
                        text -> put(Optional.of(reader.read(text)))));
        if (!unit.isEmpty()) {
            all.getChildren().add(Labels.label(unit, "soft"));
        }
        all.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return all;
    }

    /** The steps of the post as they are typed: "100 g 1.10; 500 g 1.95". */
    private HBox postage(DirectPlan plan) {
        StringBuilder typed = new StringBuilder();
        plan.postage().forEach(b -> typed.append(typed.isEmpty() ? "" : "; ")
                .append(Numeral.trimmed(b.upTo(), 1))
                .append(" g ")
                .append(Numeral.fixed(b.price(), 2)));
        HBox row = new HBox(
                5,
                Labels.label(Wording.of("desk.direct.postage"), "soft"),
                page.field(
                        Wording.of("desk.direct.postage"),
                        "direct-postage",
                        typed.toString(),
                        Wording.of("desk.direct.postage-help"),
                        26,
                        text -> put(Optional.of(plan.withPostage(bands(text))))));
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }

    private static List<PostageBand> bands(String text) {
        List<PostageBand> all = new ArrayList<>();
        for (String each : text.split(";")) {
            String[] parts = each.strip().split("\\s*g\\s*|\\s+", -1);
            if (each.isBlank()) {
                continue;
            }
            if (parts.length != 2) {
                throw Trouble.of("desk.direct.no-band", each.strip());
            }
            all.add(new PostageBand(part(parts[0], each), part(parts[1], each)));
        }
        return all;
    }

    private static double part(String figures, String band) {
        return Numeral.read(figures).orElseThrow(() -> Trouble.of("desk.direct.no-band", band.strip()));
    }

    private List<Node> results(DirectPlan plan, DirectSale sale) {
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(2);
        int row = 0;
        for (Figure f : sale.figures()) {
            Label value = Labels.label(f.text(Unit.INCH), "strong");
            value.setId("sum-" + f.key().replace('.', '-'));
            boolean loses = f.key().contains("kept") && f.number() < 0;
            if (loses) {
                value.getStyleClass().add("thread");
            }
            value.setMinWidth(Label.USE_PREF_SIZE);
            grid.add(Labels.label(f.label(), "soft"), row % 2 * 2, row / 2);
            grid.add(value, row % 2 * 2 + 1, row / 2);
            row++;
        }
        List<Node> all = new ArrayList<>(List.of(grid));
        if (!sale.postageNote().isEmpty()) {
            Label note = Labels.wrapped(sale.postageNote(), "strong");
            note.setId("postage-note");
            all.add(note);
        }
        if (plan.price() > 0 && sale.mustSell().isEmpty()) {
            all.add(Labels.wrapped(Wording.of("desk.direct.never-paid"), "thread"));
        }
        return all;
    }

    private void put(Optional<DirectPlan> plan) {
        UnaryOperator<jorn.book.Plans> change = p -> p.withDirect(plan);
        desk.change("direct", b -> b.withPlans(change.apply(b.plans())));
    }
}
