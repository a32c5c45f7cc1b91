package jorn.desk.briefs;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import javafx.geometry.HPos;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.Brief;
import jorn.brief.Measures;
import jorn.check.Checker;
import jorn.check.Finding;
import jorn.check.Proof;
import jorn.desk.model.Desk;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.Labels;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.edition.Edition;
import jorn.measure.Numeral;
import jorn.measure.Size;
import jorn.measure.Unit;
import jorn.press.BindingOffer;
import jorn.press.PressProfile;
import jorn.say.Wording;

/** Two or three briefs side by side; one can be taken over. */
public final class WhatIfView extends BriefView {
    private static final int MOST = 2;
    private static final double NAMES_EM = 8;

    private final Painter painter;
    private final SlipLayer slips;

    public WhatIfView(Desk desk, Painter painter, SlipLayer slips) {
        super(desk);
        this.painter = painter;
        this.slips = slips;
    }

    /** One line of the comparison. */
    private record Line(String name, Function<Weighed, String> value) {}

    /** A brief with all its figures, reckoned once for all lines. */
    private record Weighed(Book book, Measures measures) {
        Brief brief() {
            return book.brief();
        }
    }

    private List<Line> lines() {
        Unit unit = desk.unit().get();
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                Wording.of("desk.what-if.press"), b -> b.brief().press().name()));
        lines.add(new Line(
                Wording.of("desk.what-if.binding"), b -> b.brief().offer().inWords()));
        lines.add(
                new Line(Wording.of("desk.what-if.trim"), b -> b.brief().trim().format(unit)));
        lines.add(new Line(Wording.of("desk.what-if.pages"), b -> figure(b, "pages")));
        lines.add(new Line(
                Wording.of("desk.what-if.paper"), b -> b.brief().paperStock().called()));
        lines.add(
                new Line(Wording.of("desk.what-if.ink"), b -> b.brief().inkSet().called()));
        lines.add(new Line(Wording.of("desk.what-if.thickness"), b -> figure(b, "book.thickness")));
        lines.add(new Line(Wording.of("desk.what-if.spine"), b -> figure(b, "spine.width")));
        lines.add(new Line(Wording.of("desk.what-if.cover"), b -> {
            Measures m = b.measures();
            return Labels.size(m.get("cover.width"), m.get("cover.height"), unit);
        }));
        lines.add(new Line(Wording.of("desk.what-if.gutter"), b -> figure(b, "margin.set.gutter")));
        lines.add(new Line(Wording.of("desk.what-if.weight"), b -> figure(b, "book.weight")));
        lines.add(new Line(Wording.of("desk.what-if.printing-one"), b -> figure(b, "cost.print")));
        lines.add(new Line(Wording.of("desk.what-if.lowest-price"), b -> figure(b, "price.lowest")));
        lines.add(new Line(Wording.of("desk.what-if.you-keep"), b -> figure(b, "price.kept")));
        lines.add(new Line(Wording.of("desk.what-if.mend"), this::toMend));
        return lines;
    }

    private String figure(Weighed weighed, String key) {
        return weighed.measures().find(key).map(f -> f.text(desk.unit().get())).orElse("—");
    }

    private String toMend(Weighed weighed) {
        long n = Checker.check(Proof.of(weighed.book(), desk.unit().get())).stream()
                .filter(f -> f.severity() != Finding.Severity.NOTE)
                .count();
        return n == 0 ? Wording.of("desk.what-if.nothing") : Long.toString(n);
    }

    @Override
    protected void fill(VBox page) {
        Book book = desk.book();
        List<Weighed> all =
                new ArrayList<>(List.of(new Weighed(book, desk.state().get().measures())));
        desk.whatIfs().forEach(b -> {
            Book other = book.withBrief(b);
            all.add(new Weighed(other, Edition.of(other).measures()));
        });
        Shelf shelf = new Shelf(painter, desk.unit().get(), em());
        for (int i = 0; i < all.size(); i++) {
            Weighed each = all.get(i);
            shelf.add(
                    each.book(),
                    each.measures().get("book.thickness").length(),
                    i == 0 ? Wording.of("desk.what-if.as-it-is") : Wording.of("desk.what-if.what-if", i));
        }
        VBox.setMargin(shelf, new Insets(0, 0, 0, em() * NAMES_EM));
        page.getChildren().add(shelf);
        GridPane grid = new GridPane();
        // Each book stands over its column.
        ColumnConstraints names = new ColumnConstraints(em() * NAMES_EM);
        grid.getColumnConstraints().add(names);
        for (int i = 0; i < all.size(); i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(Priority.ALWAYS);
            column.setPrefWidth(10);
            column.setHalignment(HPos.CENTER);
            grid.getColumnConstraints().add(column);
        }
        grid.setVgap(2);
        grid.add(Labels.label(Wording.of("desk.what-if.as-it-is"), "heading"), 1, 0);
        for (int i = 1; i < all.size(); i++) {
            grid.add(heading(i - 1), i + 1, 0);
        }
        int row = 1;
        for (Line line : lines()) {
            grid.add(whole(Labels.label(line.name(), "soft")), 0, row);
            String mine = line.value().apply(all.get(0));
            for (int i = 0; i < all.size(); i++) {
                String text = line.value().apply(all.get(i));
                Label label = Labels.label(text, text.equals(mine) ? "taken" : "differs");
                if (text.equals(mine) && i > 0) {
                    label.getStyleClass().setAll("label", "soft");
                }
                grid.add(whole(label), i + 1, row);
            }
            row++;
        }
        page.getChildren().add(grid);
        if (desk.whatIfs().size() < MOST) {
            Button add = Labels.act(
                    Wording.of("desk.what-if.weigh-another-against"),
                    Wording.of("desk.what-if.put-another-brief-beside"),
                    () -> desk.whatIfs().add(desk.book().brief()));
            add.setId("what-if-add");
            page.getChildren().add(add);
        }
        if (desk.whatIfs().isEmpty()) {
            page.getChildren().add(Labels.wrapped(Wording.of("desk.what-if.cream-instead-white-smaller"), "soft"));
        }
    }

    private static Label whole(Label label) {
        label.setMinWidth(Label.USE_PREF_SIZE);
        return label;
    }

    private VBox heading(int index) {
        Button change =
                Labels.opener(Wording.of("desk.what-if.change"), Wording.of("desk.what-if.what-shall-otherwise"));
        change.setId("what-if-change-" + index);
        change.setOnAction(e -> slips.toggle(changes(index), change));
        Button take =
                Labels.act(Wording.of("desk.what-if.take-over"), Wording.of("desk.what-if.make-book-s-brief"), () -> {
                    Brief taken = desk.whatIfs().get(index);
                    desk.whatIfs().set(index, desk.book().brief());
                    desk.changeBrief("what-if", b -> taken);
                });
        take.setId("what-if-take-" + index);
        Button away = Labels.act(
                Wording.of("desk.what-if.put-away"), Wording.of("desk.what-if.forget-one"), () -> desk.whatIfs()
                        .remove(index));
        HBox name = new HBox(6, whole(Labels.label(Wording.of("desk.what-if.what-if", index + 1), "heading")), away);
        HBox deeds = new HBox(8, change, take);
        name.setAlignment(javafx.geometry.Pos.CENTER);
        deeds.setAlignment(javafx.geometry.Pos.CENTER);
        return new VBox(2, name, deeds);
    }

    private Slip changes(int index) {
        Slip slip = new Slip(Wording.of("desk.what-if.what-shall-otherwise-2"));
        Brief brief = desk.whatIfs().get(index);
        slip.field(
                Wording.of("desk.what-if.pages"),
                "what-if-pages",
                "" + brief.pages(),
                Wording.of("desk.what-if.page-count"),
                text -> {
                    int n = Numeral.count(text, Wording.of("desk.what-if.page-count-2"), 1, Brief.MOST_PAGES);
                    set(index, brief.withPages(n).require());
                });
        slip.field(
                Wording.of("desk.what-if.trim"),
                "what-if-trim",
                brief.trim().format(desk.unit().get()),
                Wording.of("desk.what-if.trim-size"),
                text -> set(
                        index,
                        brief.withTrim(Size.parse(text, desk.unit().get())).require()));
        slip.add(Labels.label(Wording.of("desk.what-if.paper-2"), "group-name"));
        brief.press()
                .papers()
                .forEach(p -> slip.add(slip.choice(
                        BriefSlips.sentenceCase(p.name()),
                        "",
                        p.id().equals(brief.paper()),
                        () -> set(index, brief.withPaper(p.id())))));
        slip.add(Labels.label(Wording.of("desk.what-if.ink-2"), "group-name"));
        brief.press()
                .inks()
                .forEach(i -> slip.add(slip.choice(
                        BriefSlips.sentenceCase(i.name()),
                        "",
                        i.id().equals(brief.ink()),
                        () -> set(index, brief.withInk(i.id())))));
        slip.add(Labels.label(Wording.of("desk.what-if.press-binding"), "group-name"));
        for (PressProfile press : desk.shelf().profiles()) {
            for (BindingOffer offer : press.bindings()) {
                boolean now = press.id().equals(brief.press().id()) && offer.binding() == brief.binding();
                slip.add(slip.choice(
                        press.name(),
                        offer.inWords(),
                        now,
                        () -> set(index, brief.at(press).withBinding(offer.binding()))));
            }
        }
        return slip;
    }

    private void set(int index, Brief brief) {
        desk.whatIfs().set(index, brief);
    }
}
