package jorn.desk.makeup;

import java.util.function.DoubleConsumer;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jorn.desk.view.Labels;
import jorn.say.Wording;

/** The bar under the flat plan by which it is pulled taller, until the whole book is seen. */
final class PullGrip extends HBox {
    private final Label words = Labels.label("", "aside");
    private double from;

    /**
     * @param onPull hears how far it is pulled, in pixels, since it was heard of last
     * @param onWhole what to do to see the whole book, or one line again
     */
    PullGrip(DoubleConsumer onPull, Runnable onWhole) {
        super(10);
        Region bar = new Region();
        bar.getStyleClass().add("grip-bar");
        getChildren().addAll(bar, words);
        getStyleClass().add("grip");
        setAlignment(Pos.CENTER);
        setCursor(Cursor.V_RESIZE);
        setFocusTraversable(true);
        setId("plan-grip");
        setAccessibleText(Wording.of("desk.grip.name"));
        setAccessibleHelp(Wording.of("desk.grip.help"));
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            requestFocus();
            from = e.getSceneY();
            e.consume();
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            onPull.accept(e.getSceneY() - from);
            from = e.getSceneY();
            e.consume();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.isStillSincePress()) {
                onWhole.run();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER) {
                onWhole.run();
                e.consume();
            }
        });
    }

    /** Says what a click does now. */
    void show(boolean one) {
        words.setText(Wording.of(one ? "desk.grip.pull" : "desk.grip.back"));
    }
}
