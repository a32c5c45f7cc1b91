package jorn.desk.view;

import java.util.List;
import javafx.animation.PauseTransition;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import jorn.desk.model.Desk;
import jorn.desk.model.Notice;
import jorn.say.Wording;

/**
 * What the window says until it is put away. Bad news and questions stand above the bench and push it down; good news lies at the
 * foot of the window, where it moves nothing.
 */
public final class NoticeStrip extends HBox {
    private static final PseudoClass GOOD = PseudoClass.getPseudoClass("good");

    private static final Duration READ = Duration.seconds(15);

    private final Desk desk;
    private final boolean good;
    private final Label sign = Labels.label("", "notice-sign");
    private final Label text = Labels.wrapped("");

    /** @param good whether this strip is for good news */
    public NoticeStrip(Desk desk, boolean good) {
        this.desk = desk;
        this.good = good;
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        sign.setMinWidth(Region.USE_PREF_SIZE);
        sign.setText(Wording.of(good ? "desk.notice.done" : "desk.notice.heed"));
        text.setId(good ? "news" : "notice");
        getStyleClass().add("notice");
        pseudoClassStateChanged(GOOD, good);
        setMinHeight(Region.USE_PREF_SIZE);
        desk.notice().addListener((o, was, now) -> show());
        show();
    }

    private void show() {
        Notice now = desk.notice().get();
        boolean mine = now != null && now.good() == good;
        setVisible(mine);
        setManaged(mine);
        text.setText(mine ? now.text() : "");
        getChildren().setAll(sign, text);
        if (!mine) {
            return;
        }
        if (now.isQuestion()) {
            // Below the words, so that every answer is in reach however narrow the window is.
            FlowPane answers = new FlowPane(12, 4);
            answers.getChildren().setAll(answers(now));
            VBox asked = new VBox(6, text, answers);
            HBox.setHgrow(asked, Priority.ALWAYS);
            getChildren().setAll(sign, asked);
            return;
        }
        if (now.undoable()) {
            Button undo =
                    Labels.act(Wording.of("desk.header.undo"), Wording.of("desk.header.take-back-last-change"), () -> {
                        desk.putAwayNotice();
                        desk.undo();
                    });
            undo.setId("undo-that");
            getChildren().add(undo);
        }
        if (good && !now.undoable()) {
            // Good news is read once; it goes by itself before it is in the way.
            PauseTransition read = new PauseTransition(READ);
            read.setOnFinished(e -> {
                if (now.equals(desk.notice().get())) {
                    desk.putAwayNotice();
                }
            });
            read.play();
        }
        Button away = Labels.act(
                Wording.of("desk.desk-window.put-away"),
                Wording.of("desk.desk-window.close-notice"),
                desk::putAwayNotice);
        away.setId("put-away");
        getChildren().add(away);
    }

    private List<Button> answers(Notice question) {
        return question.choices().stream()
                .map(c -> {
                    Button answer = Labels.act(c.words(), question.next().text(), () -> desk.answer(c));
                    answer.setId("answer-" + c.id());
                    return answer;
                })
                .toList();
    }
}
