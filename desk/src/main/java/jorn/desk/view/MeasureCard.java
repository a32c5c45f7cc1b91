package jorn.desk.view;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import jorn.brief.Measures;
import jorn.desk.model.BenchName;
import jorn.desk.model.Desk;
import jorn.measure.Figure;
import jorn.measure.Unit;
import jorn.say.Wording;

/**
 * The few figures that matter at this bench, live, on a card that hangs on a thread. A click or Enter on one unfolds its
 * working. A figure that has just changed is in thread colour until the next change.
 */
public final class MeasureCard extends Pane {
    private static final double WIDTH_EM = 17.4;

    private final Desk desk;
    private final VBox rows = new VBox();
    private final VBox card = new VBox(6);
    private final Set<String> unfolded = new HashSet<>();
    private final ChangedFigures changed;
    private final ScrollPane scroll = new ScrollPane(rows);
    private BiConsumer<String, Node> onDecision = (decision, from) -> {};
    private final CubicCurve thread = new CubicCurve();

    /** A row: its name, and one figure or two that are a width and a height. */
    private record Row(String name, String key, String second) {
        Row(String name, String key) {
            this(name, key, "");
        }
    }

    private record Group(String name, List<Row> rows) {}

    /** @param fold folds the card away */
    public MeasureCard(Desk desk, ChangedFigures changed, Runnable fold) {
        this.desk = desk;
        this.changed = changed;
        Circle eyelet = new Circle(6, Theme.PAPER);
        eyelet.setStroke(Theme.HAIRLINE);
        Button away = Labels.act(Wording.of("desk.measure-card.fold"), Wording.of("desk.measure-card.fold-help"), fold);
        away.setId("fold-measures");
        HBox head = new HBox(
                10,
                eyelet,
                Labels.label(Wording.of("desk.measure-card.measure-card"), "heading"),
                Labels.spring(),
                away);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        card.getStyleClass().add("card");
        card.setStyle("-fx-padding: 0.9em 1em 0.8em 1em;");
        card.getChildren().addAll(head, scroll);
        thread.setFill(null);
        thread.setStroke(Theme.THREAD);
        thread.setStrokeWidth(2.2);
        thread.setMouseTransparent(true);
        getChildren().addAll(card, thread);
        rows.setSpacing(1);
        rows.setStyle("-fx-padding: 0 0.35em 0 0;");
        desk.state().addListener((o, was, now) -> show());
        desk.bench().addListener((o, was, now) -> show());
        desk.making().addListener((o, was, now) -> show());
    }

    /** Shows the card, at a figure whose working is unfolded; at the first one where none is named. */
    public void open(String key) {
        if (!key.isEmpty()) {
            unfolded.add(key);
        }
        setVisible(true);
        show();
        Platform.runLater(() -> {
            Node row = key.isEmpty() ? null : rows.lookup("#figure-" + key.replace('.', '-'));
            if (row == null) {
                row = rows.lookup(".figure-row");
            }
            if (row != null) {
                row.requestFocus();
            }
        });
    }

    private List<Group> groups() {
        List<Row> insideRows = new ArrayList<>(List.of(
                new Row(Wording.of("desk.measure-card.pages"), "pages"),
                new Row(Wording.of("desk.measure-card.leaves"), "leaves"),
                new Row(Wording.of("desk.measure-card.page-file"), "page.width", "page.height"),
                new Row(Wording.of("desk.measure-card.gutter"), "margin.set.gutter"),
                new Row(Wording.of("desk.measure-card.other-margins"), "margin.set.outside"),
                new Row(Wording.of("desk.measure-card.head"), "margin.set.head"),
                new Row(Wording.of("desk.measure-card.foot"), "margin.set.foot"),
                new Row(Wording.of("desk.measure-card.text-block"), "text.width", "text.height")));
        if (desk.state().get().measures().find("puzzle.square").isPresent()) {
            insideRows.add(new Row(Wording.of("desk.measure-card.square"), "puzzle.square"));
            insideRows.add(new Row(Wording.of("desk.measure-card.figure"), "puzzle.figure"));
        }
        if (desk.state().get().measures().find("pattern.fields").isPresent()) {
            insideRows.add(new Row(Wording.of("brief.patterns.fields"), "pattern.fields"));
            insideRows.add(new Row(Wording.of("brief.patterns.fullest"), "pattern.fullest"));
            insideRows.add(new Row(Wording.of("brief.patterns.smallest"), "pattern.smallest"));
        }
        Group inside = new Group(Wording.of("desk.measure-card.inside"), insideRows);
        List<Row> outsideRows = new ArrayList<>();
        boolean spine = desk.book().brief().binding().hasSpine();
        if (spine) {
            outsideRows.add(new Row(Wording.of("desk.measure-card.spine"), "spine.width"));
        }
        if (desk.state().get().cover().isDelivered()) {
            outsideRows.add(new Row(Wording.of("desk.measure-card.cover"), "cover.width", "cover.height"));
            outsideRows.add(
                    new Row(Wording.of("desk.measure-card.pixels"), "cover.pixels.width", "cover.pixels.height"));
        }
        if (desk.state().get().measures().find("cover.sheet.width").isPresent()) {
            outsideRows.add(
                    new Row(Wording.of("desk.measure-card.on-sheet"), "cover.sheet.width", "cover.sheet.height"));
        }
        if (spine) {
            outsideRows.add(new Row(Wording.of("desk.measure-card.text-on-spine"), "spine.text.allowed"));
        }
        Group outside = new Group(Wording.of("desk.measure-card.outside"), outsideRows);
        Group book = new Group(
                Wording.of("desk.measure-card.book"),
                List.of(
                        new Row(Wording.of("desk.measure-card.thickness"), "book.thickness"),
                        new Row(Wording.of("desk.measure-card.weight"), "book.weight"),
                        new Row(Wording.of("desk.measure-card.sheets-paper"), "paper.sheets")));
        Group money = new Group(
                Wording.of("desk.measure-card.money"),
                List.of(
                        new Row(Wording.of("desk.measure-card.printing-one"), "cost.print"),
                        new Row(Wording.of("desk.measure-card.lowest-price"), "price.lowest"),
                        new Row(keptName(), "price.kept"),
                        new Row(Wording.of("desk.measure-card.batch"), "batch.total"),
                        new Row(Wording.of("desk.measure-card.one-batch"), "batch.each"),
                        new Row(Wording.of("desk.measure-card.batch-cheaper-from"), "batch.break-even")));
        BenchName bench = desk.bench().get();
        return switch (bench) {
            case BRIEF -> List.of(inside, outside, book, money);
            case MAKEUP -> List.of(inside, book);
            case COVER -> List.of(outside, book);
            case PROOF, DESPATCH -> List.of(inside, outside);
        };
    }

    private String keptName() {
        return desk.state()
                .get()
                .measures()
                .find("price.kept")
                .map(Figure::label)
                .orElse("");
    }

    private void show() {
        if (isVisible()) {
            FocusKeep.around(rows, scroll, this::makeRows);
        }
    }

    private void makeRows() {
        rows.getChildren().clear();
        Measures measures = desk.state().get().measures();
        for (Group group : groups()) {
            List<Row> there = group.rows().stream()
                    .filter(r -> measures.find(r.key()).isPresent())
                    .filter(r -> !isRepeated(r, measures))
                    .toList();
            if (there.isEmpty()) {
                continue;
            }
            Label name = Labels.label(group.name(), "group-name");
            name.setStyle("-fx-padding: 0.7em 0 0.1em 0.1em;");
            rows.getChildren().add(name);
            there.forEach(r -> addRow(r, measures));
        }
    }

    /** Head and foot are told only where they differ from the other margins, thickness and weight only where there is paper. */
    private static boolean isRepeated(Row row, Measures measures) {
        if (row.key().equals("book.thickness") || row.key().equals("book.weight")) {
            return measures.get("book.thickness").length().isZero();
        }
        return (row.key().equals("margin.set.foot") || row.key().equals("margin.set.head"))
                && measures.get(row.key())
                        .value()
                        .equals(measures.get("margin.set.outside").value());
    }

    private void addRow(Row row, Measures measures) {
        Unit unit = desk.unit().get();
        Figure figure = measures.get(row.key());
        String value =
                row.second().isEmpty() ? figure.text(unit) : Labels.size(figure, measures.get(row.second()), unit);
        Label name = Labels.label(row.name(), "figure-name");
        Label amount = Labels.label(value, "figure-value");
        name.setMinWidth(0);
        amount.setMinWidth(Region.USE_PREF_SIZE);
        HBox line = new HBox(6, name, Labels.spring(), amount);
        line.setMouseTransparent(true);
        Button button = new Button();
        button.setGraphic(line);
        button.setMaxWidth(Double.MAX_VALUE);
        button.getStyleClass().setAll("figure-row");
        button.setId("figure-" + row.key().replace('.', '-'));
        button.setAccessibleText(row.name() + " " + value);
        button.setAccessibleHelp(FigureHelp.of(figure));
        if (changed.has(row.key()) || changed.has(row.second())) {
            button.getStyleClass().add("changed");
        }
        line.prefWidthProperty().bind(rows.widthProperty().subtract(13));
        button.setOnAction(e -> {
            if (!unfolded.remove(row.key())) {
                unfolded.add(row.key());
            }
            show();
        });
        rows.getChildren().add(button);
        if (unfolded.contains(row.key())) {
            String text = figure.working(unit);
            if (!row.second().isEmpty()) {
                text += "\n"
                        + measures.get(row.second())
                                .working(unit)
                                .lines()
                                .findFirst()
                                .orElse("");
            }
            addWorking(row, figure, text);
        }
    }

    /** The working, with a button that copies it, and the decisions that it rests on to go to. */
    private void addWorking(Row row, Figure figure, String text) {
        Label working = Labels.wrapped(text, "working");
        working.setId("working-" + row.key().replace('.', '-'));
        FigureHelp.about(figure).ifPresent(a -> rows.getChildren().add(Labels.wrapped(a, "soft")));
        rows.getChildren().add(working);
        FlowPane words = new FlowPane(6, 4);
        Button copy = Labels.act(
                Wording.of("desk.measure-card.copy"), Wording.of("desk.measure-card.copy-working-text"), () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString(text);
                    Clipboard.getSystemClipboard().setContent(content);
                });
        copy.setId("copy-" + row.key().replace('.', '-'));
        words.getChildren().add(copy);
        Set<String> decisions = new java.util.TreeSet<>();
        restsOn(figure, decisions);
        for (String decision : decisions) {
            Button go = Labels.opener(
                    Wording.of("desk.measure-card.decision-" + decision), Wording.of("desk.measure-card.go-decision"));
            go.setId("rests-on-" + decision);
            go.setOnAction(e -> onDecision.accept(decision, go));
            words.getChildren().add(go);
        }
        rows.getChildren().add(words);
    }

    /** The decisions at the root of a figure, by the id of their slip. */
    private static void restsOn(Figure figure, Set<String> decisions) {
        String key = figure.key();
        if (key.startsWith("trim.")) {
            decisions.add("trim");
        } else if (key.startsWith("pages")) {
            decisions.add("pages");
        } else if (key.startsWith("paper.")) {
            decisions.add("paper");
        } else if (key.startsWith("margin.")) {
            decisions.add("margins");
        } else if (figure.inputs().isEmpty() && !figure.source().isEmpty()) {
            decisions.add("press");
        }
        figure.inputs().forEach(input -> restsOn(input, decisions));
    }

    /** What to do when the user follows a figure to a decision. */
    public void setOnDecision(BiConsumer<String, Node> listener) {
        onDecision = listener;
    }

    @Override
    protected double computePrefWidth(double height) {
        return WIDTH_EM * Theme.em(desk.settings().textSize());
    }

    @Override
    protected void layoutChildren() {
        card.resizeRelocate(0, 8, getWidth(), Math.max(0, Math.min(getHeight() - 8, card.prefHeight(getWidth()))));
        thread.setStartX(10);
        thread.setStartY(-14);
        thread.setControlX1(-6);
        thread.setControlY1(2);
        thread.setControlX2(8);
        thread.setControlY2(20);
        thread.setEndX(24);
        thread.setEndY(32);
    }
}
