package jorn.desk.benches;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jorn.book.Contributor;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.desk.view.CommitField;
import jorn.desk.view.Labels;
import jorn.measure.Trouble;
import jorn.order.Names;
import jorn.order.OrderSlip;
import jorn.order.OrderSlip.Line;
import jorn.print.export.SlipFile;
import jorn.say.Wording;

/** The order slip at Despatch: every choice to be made at the press, to be copied line by line. */
final class OrderPart {
    /** A value and its note stand on one line where they are no wider than this. */
    private static final double WRAP = 600;

    private final Desk desk;
    private final Supplier<Path> folder;
    private final VBox node = new VBox(6);
    private final Label refusal = Labels.wrapped("", "refusal");

    /** @param folder where files are written; may refuse */
    OrderPart(Desk desk, Supplier<Path> folder) {
        this.desk = desk;
        this.folder = folder;
        node.setId("order-slip");
    }

    Node node() {
        return node;
    }

    void show() {
        BookState state = desk.state().get();
        List<Line> lines = OrderSlip.of(state.edition(), desk.unit().get());
        List<Node> all = new ArrayList<>();
        all.add(Labels.label(Wording.of("desk.order.title"), "heading"));
        all.add(Labels.wrapped(Wording.of("desk.order.about"), "soft"));
        for (Names.Difference d : Names.differences(state.edition())) {
            Label differs = Labels.wrapped(
                    Wording.of(
                            "desk.order.differs",
                            Wording.of("check.names." + d.what().id()),
                            Wording.of("check.names." + d.place()),
                            d.found(),
                            d.expected()),
                    "thread");
            differs.setId("differs-" + d.what().id());
            all.add(differs);
        }
        all.add(grid(lines));
        all.add(refusal);
        all.add(deeds(lines));
        node.getChildren().setAll(all);
    }

    private GridPane grid(List<Line> lines) {
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(3);
        // What is copied stands near its button, and clear of the figures that hang in the corner.
        grid.setStyle("-fx-max-width: 56em;");
        ColumnConstraints names = new ColumnConstraints();
        names.setMinWidth(GridPane.USE_PREF_SIZE);
        ColumnConstraints values = new ColumnConstraints();
        values.setHgrow(Priority.SOMETIMES);
        grid.getColumnConstraints().setAll(names, values, new ColumnConstraints());
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            Label name = Labels.label(line.label(), "soft");
            name.setMinWidth(Label.USE_PREF_SIZE);
            grid.add(name, 0, i);
            grid.add(line.key().equals("contributors") ? contributors() : value(line), 1, i);
            if (!line.open()) {
                grid.add(copier(line), 2, i);
            }
            grid.getChildren().forEach(n -> GridPane.setValignment(n, VPos.BASELINE));
        }
        return grid;
    }

    private static Node value(Line line) {
        Label value = Labels.wrapped(
                line.open() ? Wording.of("order.slip.open") : line.value(), line.open() ? "thread" : "strong");
        value.setId("slip-" + line.key().replace('.', '-'));
        if (line.note().isEmpty()) {
            return value;
        }
        Label note = Labels.wrapped(line.note(), "soft");
        FlowPane both = new FlowPane(12, 0, value, note);
        both.setMinWidth(0);
        both.setPrefWrapLength(WRAP);
        note.maxWidthProperty().bind(both.widthProperty());
        return both;
    }

    private Button copier(Line line) {
        Button copy =
                Labels.act(Wording.of("desk.order.copy"), Wording.of("desk.order.copy-help", line.label()), () -> {});
        copy.setId("copy-" + line.key().replace('.', '-'));
        copy.setOnAction(e -> {
            copy(line.value());
            copy.setText(Wording.of("desk.order.copied"));
        });
        return copy;
    }

    private static void copy(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** Who made it beside the author, as they are typed: "Bo Ling (pictures); Mara Weir (translation)". */
    private Node contributors() {
        String now = String.join(
                "; ",
                desk.book().plans().selling().contributors().stream()
                        .map(Contributor::inWords)
                        .toList());
        CommitField field = new CommitField(
                Wording.of("desk.order.contributors"),
                "slip-contributors",
                now,
                Wording.of("desk.order.contributors-help"),
                text -> {
                    List<Contributor> read = read(text);
                    desk.change(
                            "contributors",
                            b -> b.withPlans(
                                    b.plans().withSelling(b.plans().selling().withContributors(read))));
                },
                this::judge);
        field.setPrefColumnCount(30);
        return field;
    }

    private static List<Contributor> read(String text) {
        List<Contributor> all = new ArrayList<>();
        for (String each : text.split(";")) {
            if (!each.isBlank()) {
                int open = each.lastIndexOf('(');
                int close = each.lastIndexOf(')');
                boolean role = open > 0 && close > open;
                all.add(new Contributor(
                        role ? each.substring(open + 1, close) : "", role ? each.substring(0, open) : each));
            }
        }
        return all;
    }

    private void judge(Optional<Trouble> trouble) {
        refusal.setText(trouble.map(Trouble::getMessage).orElse(""));
    }

    private HBox deeds(List<Line> lines) {
        Button all = Labels.act(
                Wording.of("desk.order.copy-all"),
                Wording.of("desk.order.copy-all-help"),
                () -> copy(OrderSlip.text(lines)));
        all.setId("copy-slip");
        Button write = Labels.act(
                Wording.of("desk.order.write"),
                Wording.of("desk.order.write-help"),
                () -> desk.attempt(() -> {
                    var edition = desk.state().get().edition();
                    Path file = folder.get().resolve(SlipFile.name(edition, true));
                    SlipFile.write(edition, desk.unit().get(), file);
                    desk.say("desk.order.written", file);
                }));
        write.setId("write-slip");
        return new HBox(12, all, write);
    }
}
