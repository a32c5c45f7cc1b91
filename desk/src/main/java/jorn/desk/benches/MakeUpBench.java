package jorn.desk.benches;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polyline;
import jorn.book.Book;
import jorn.book.MarginChoice;
import jorn.book.Pagination.Slot;
import jorn.desk.makeup.ColoursSlip;
import jorn.desk.makeup.DatesSlip;
import jorn.desk.makeup.DesignsSlip;
import jorn.desk.model.Desk;
import jorn.desk.model.Sight;
import jorn.desk.view.BriefSlips;
import jorn.desk.view.FlatPlan;
import jorn.desk.view.FocusScroll;
import jorn.desk.view.Look;
import jorn.desk.view.Painter;
import jorn.desk.view.Slip;
import jorn.desk.view.SlipLayer;
import jorn.desk.view.SpreadView;
import jorn.desk.view.Words;
import jorn.measure.Figure;
import jorn.measure.Length;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.recipe.Ruling;

/** The make-up of the inside: the flat plan, one spread large, and the settings of the chosen page on a slip beside it. */
public final class MakeUpBench implements Bench {
    private final Desk desk;
    private final FlatPlan plan;
    private final SpreadView spread;
    private final VBox slipPlace = new VBox(10);
    private final Polyline joint = new Polyline();
    private final Pane over = new Pane(joint);
    private final VBox node;
    private final StackPane table;
    private boolean zones = true;
    private final Button zoneButton;
    private String shownFor = "";

    public MakeUpBench(Desk desk, Painter painter, SlipLayer slips) {
        this.desk = desk;
        plan = new FlatPlan(painter);
        plan.setId("flat-plan");
        plan.setMinHeight(96);
        plan.setPrefHeight(104);
        plan.setAccessibleText("Flat plan");
        plan.setAccessibleHelp(
                "All spreads in reading order. Left and right turn the page; Home and End go to the ends.");
        plan.setOnPage(desk.page()::set);
        spread = new SpreadView(painter);
        spread.setId("spread");
        spread.setOnPage(desk.page()::set);
        joint.setStroke(Look.THREAD);
        joint.setStrokeWidth(1.5);
        over.setMouseTransparent(true);
        zoneButton = Words.wordButton("", "Show or hide gutter, bleed and margins.", this::switchZones);
        zoneButton.setId("zones");
        ScrollPane scroll = new ScrollPane(slipPlace);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPrefWidth(268);
        scroll.setMinWidth(ScrollPane.USE_PREF_SIZE);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        HBox.setHgrow(spread, Priority.ALWAYS);
        HBox row = new HBox(10, spread, scroll);
        table = new StackPane(row, over);
        VBox.setVgrow(table, Priority.ALWAYS);
        HBox head = new HBox(
                8,
                Words.label("Flat plan", "heading"),
                opener(
                        "Designs",
                        "designs",
                        "Page designs: take one for these pages, or put one after them.",
                        slips,
                        () -> new DesignsSlip(desk, painter)),
                opener("Dates", "dates", "Period, weeks, language and holidays.", slips, () -> new DatesSlip(desk)),
                opener("Colours", "colours", "Colours of the pages.", slips, () -> new ColoursSlip(desk)),
                Words.spring(),
                zoneButton);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        node = new VBox(4, head, plan, table);
        table.layoutBoundsProperty().addListener((o, was, now) -> javafx.application.Platform.runLater(this::join));
        nameZones();
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public void textSize(double pixels) {
        plan.setEm(pixels);
        plan.setPrefHeight(pixels * 6.7);
        plan.setMinHeight(pixels * 6.2);
        spread.setEm(pixels);
        if (slipPlace.getParent() != null) {
            slipPlace.setPrefWidth(pixels * 16.6);
        }
        ((ScrollPane) ((HBox) table.getChildren().get(0)).getChildren().get(1)).setPrefWidth(pixels * 17.2);
    }

    private static Button opener(String name, String id, String help, SlipLayer slips, Supplier<Slip> slip) {
        Button button = Words.wordButton(name, help, () -> {});
        button.setId("makeup-" + id);
        button.setOnAction(e -> slips.toggle(slip.get(), button));
        return button;
    }

    private void switchZones() {
        zones = !zones;
        spread.setZones(zones);
        nameZones();
    }

    private void nameZones() {
        zoneButton.setText(zones ? "Hide gutter and bleed" : "Show gutter and bleed");
    }

    @Override
    public void show() {
        Sight sight = desk.sight().get();
        plan.show(sight, desk.spread());
        spread.show(sight, desk.spread(), desk.page().get(), desk.unit().get());
        showSlips(sight);
        javafx.application.Platform.runLater(this::join);
    }

    /** Draws the line from the chosen page to its slip. */
    private void join() {
        if (slipPlace.getChildren().isEmpty()
                || over.getScene() == null
                || desk.sight().get() == null) {
            return;
        }
        Rectangle2D page = spread.placeOf(desk.page().get());
        Node slip = slipPlace.getChildren().get(0);
        var to = over.sceneToLocal(slip.localToScene(0, 26));
        boolean outer = page.getMinX() + 1 >= spread.getWidth() / 2;
        if (outer) {
            var from = over.sceneToLocal(spread.localToScene(page.getMaxX(), page.getMinY() + page.getHeight() * 0.18));
            joint.getPoints().setAll(from.getX(), from.getY(), to.getX() - 12, from.getY(), to.getX(), to.getY());
        } else {
            // Over the head of the facing page, not across it.
            var from = over.sceneToLocal(spread.localToScene(page.getMaxX() - 14, page.getMinY()));
            double above = from.getY() - 9;
            joint.getPoints()
                    .setAll(from.getX(), from.getY(), from.getX(), above, to.getX() - 12, above, to.getX(), to.getY());
        }
    }

    /** The slips are made anew only when something else is chosen or changed from elsewhere, so that typing is not disturbed. */
    private void showSlips(Sight sight) {
        Slot slot = sight.pagination().page(desk.page().get());
        String subject =
                slot.run() + "/" + sight.book().hashCode() + "/" + desk.unit().get();
        if (subject.equals(shownFor)) {
            return;
        }
        shownFor = subject;
        String focused = slipPlace.getScene() != null && slipPlace.getScene().getFocusOwner() != null
                ? String.valueOf(slipPlace.getScene().getFocusOwner().getId())
                : "";
        slipPlace.getChildren().setAll(pageSlip(sight, slot), marginSlip(sight));
        if (!focused.isEmpty()) {
            javafx.application.Platform.runLater(() -> {
                Node again = slipPlace.lookup("#" + focused);
                if (again != null) {
                    again.requestFocus();
                }
            });
        }
    }

    private Slip pageSlip(Sight sight, Slot slot) {
        if (slot.isBlank()) {
            return new Slip("Blank page")
                    .say(
                            "Nothing stands here, so that the pages after it fall on the right side, or the count comes out even.");
        }
        var recipe = sight.book().recipeOf(slot);
        Slip slip = new Slip(recipe.name());
        int n = (int) sight.pagination().slots().stream()
                .filter(s -> s.run() == slot.run())
                .count();
        String stands = recipe.variesByOccasion()
                ? slot.occasion().id(sight.book().calendar().weeks())
                : "";
        if (!stands.isEmpty()) {
            slip.say("This page stands for " + stands + ".");
        }
        Optional<Ruling> ruling = recipe.ruling();
        if (ruling.isPresent()) {
            rulingSlip(slip, slot.run(), ruling.get());
            slip.say(n == 1 ? "Changes this page." : "Changes all " + n + " of these pages.");
        } else if (recipe.id().equals("title")) {
            Book book = sight.book();
            slip.field(
                    "Title",
                    "page-title",
                    book.title(),
                    "The title of the book.",
                    t -> desk.change("title", b -> b.withTitle(t.strip())));
            slip.field(
                    "Subtitle",
                    "page-subtitle",
                    book.subtitle(),
                    "May be empty.",
                    t -> desk.change("subtitle", b -> b.withSubtitle(t.strip())));
            slip.field(
                    "Author",
                    "page-author",
                    book.author(),
                    "May be empty.",
                    t -> desk.change("author", b -> b.withAuthor(t.strip())));
            slip.say("Changes the cover as well.");
        } else {
            slip.say(n == 1 ? "One page, set by Jorn." : n + " pages, set by Jorn.");
        }
        return slip;
    }

    private void rulingSlip(Slip slip, int run, Ruling ruling) {
        slip.field(
                "Lines, every",
                "line-spacing",
                ruling.spacing().written().endsWith("in") && desk.unit().get() == Unit.INCH
                        ? ruling.spacing().format(Unit.INCH)
                        : ruling.spacing().format(Unit.MILLIMETRE),
                "From line to line. 7.1 mm is customary for college paper.",
                text -> rule(
                        run, r -> r.withSpacing(Length.parse(text, desk.unit().get()))));
        for (Ruling.Spacing each : Ruling.Spacing.values()) {
            slip.add(slip.choice(
                    BriefSlips.sentenceCase(each.word()),
                    each.length().format(Unit.MILLIMETRE),
                    each.length().isAbout(ruling.spacing()),
                    () -> rule(run, r -> r.withSpacing(each.length()))));
        }
        slip.field(
                "Thickness, pt",
                "line-weight",
                Numeral.trimmed(ruling.weight(), 2),
                "Thickness of a line in points. Under 0.25 pt lines break up in print.",
                text -> rule(run, r -> r.withWeight(number(text, "pt"))));
        slip.field(
                "Grey, %",
                "line-strength",
                Numeral.trimmed(ruling.strength() * 100, 0),
                "100 % is black. Under 15 % lines vanish in print.",
                text -> rule(run, r -> r.withStrength(number(text, "%") / 100)));
        slip.add(
                slip.choice(
                        "Within the margins",
                        "",
                        ruling.reach() == Ruling.Reach.MARGINS,
                        () -> rule(run, r -> r.withReach(Ruling.Reach.MARGINS))),
                slip.choice(
                        "Off the page",
                        "needs bleed",
                        ruling.reach() == Ruling.Reach.EDGE,
                        () -> rule(run, r -> r.withReach(Ruling.Reach.EDGE))));
    }

    private void rule(int run, UnaryOperator<Ruling> change) {
        desk.change(
                "ruling",
                b -> b.withRecipe(run, r -> r.ruling()
                        .map(now -> r.withRuling(change.apply(now)))
                        .orElse(r)));
    }

    private static double number(String text, String unit) {
        String bare = text.strip().toLowerCase(java.util.Locale.ROOT);
        bare = bare.endsWith(unit) ? bare.substring(0, bare.length() - unit.length()) : bare;
        String asked = text;
        return Numeral.read(bare)
                .orElseThrow(() -> Trouble.of(
                        "“" + asked.strip() + "” is not a number of " + unit + ".", "Write a number, such as 0.5."));
    }

    private Slip marginSlip(Sight sight) {
        Slip slip = new Slip("Margins");
        var page = sight.composer().geometry();
        MarginChoice own = sight.book().margins();
        margin(slip, "Fore-edge", "margin-outside", page.outside(), own::withOutside);
        margin(slip, "Head", "margin-head", page.head(), own::withHead);
        margin(slip, "Foot", "margin-foot", page.foot(), own::withFoot);
        margin(slip, "Gutter", "margin-gutter", page.gutter(), own::withGutter);
        String press = sight.book().brief().press().name();
        Unit unit = desk.unit().get();
        slip.say(press + " asks for " + page.requiredOutside().text(unit) + ", gutter "
                + page.requiredGutter().text(unit) + ". They mirror on left-hand pages.");
        if (!own.equals(MarginChoice.NONE)) {
            slip.add(slip.choice(
                    "Back to the press's margins",
                    "",
                    false,
                    () -> desk.change("margins", b -> b.withMargins(MarginChoice.NONE))));
        }
        return slip;
    }

    private void margin(Slip slip, String name, String id, Figure now, Function<Optional<Length>, MarginChoice> with) {
        slip.field(
                name, id, now.text(desk.unit().get()), "Margin of all pages. Empty it to follow the press.", text -> {
                    Optional<Length> wanted = text.isBlank()
                            ? Optional.empty()
                            : Optional.of(Length.parse(text, desk.unit().get()));
                    desk.change("margins", b -> b.withMargins(with.apply(wanted)));
                });
    }
}
