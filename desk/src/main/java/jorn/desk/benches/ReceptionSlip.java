package jorn.desk.benches;

import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jorn.check.Finding;
import jorn.desk.view.Labels;
import jorn.print.reception.Verdict;
import jorn.print.reception.Verdict.Answer;
import jorn.say.Wording;

/** What a press answers: its terse words, and beside each what they mean. */
final class ReceptionSlip {
    private ReceptionSlip() {}

    /** @param show shows the page that an answer is about */
    static Node of(Verdict verdict, Consumer<Finding> show) {
        VBox all = new VBox(10);
        all.setId("verdict");
        Label stamp = Labels.label(
                Wording.of(verdict.accepted() ? "desk.reception.accepted" : "desk.reception.refused"), "verdict-stamp");
        stamp.getStyleClass().add(verdict.accepted() ? "ink" : "thread");
        stamp.setId("verdict-stamp");
        stamp.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(
                18,
                stamp,
                wide(Labels.wrapped(
                        Wording.of("desk.reception.answered", verdict.press().name(), verdict.hours()), "soft")));
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        all.getChildren().add(head);
        if (verdict.answers().isEmpty()) {
            all.getChildren().add(Labels.wrapped(Wording.of("desk.reception.nothing"), "ink"));
            return all;
        }
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(12);
        ColumnConstraints terse = new ColumnConstraints();
        terse.setPercentWidth(32);
        ColumnConstraints plain = new ColumnConstraints();
        plain.setPercentWidth(68);
        grid.getColumnConstraints().setAll(terse, plain);
        int row = 0;
        for (Answer answer : verdict.answers()) {
            Finding f = answer.finding();
            Label words = Labels.wrapped(answer.terse(), answer.isRefusal() ? "thread" : "soft", "terse");
            VBox meaning = new VBox(2, Labels.wrapped(f.message(), "strong"), Labels.wrapped(f.remedy(), "italic"));
            if (!f.measured().isEmpty() && !f.required().isEmpty()) {
                meaning.getChildren()
                        .add(
                                1,
                                Labels.wrapped(
                                        Wording.of("desk.proof.measured-and-asked-for", f.measured(), f.required()),
                                        "soft"));
            }
            if (f.place().page() > 0 || f.place().onCover()) {
                var there = Labels.act(
                        Wording.of("desk.reception.show", f.place().inWords()),
                        Wording.of("desk.reception.show-help"),
                        () -> show.accept(f));
                there.setId("show-answer-" + row);
                meaning.getChildren().add(there);
            }
            GridPane.setValignment(words, VPos.TOP);
            grid.addRow(row++, words, meaning);
        }
        all.getChildren().add(grid);
        return all;
    }

    private static Label wide(Label label) {
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        return label;
    }
}
