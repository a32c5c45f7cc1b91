package jorn.desk.view;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/** A column of words that acts like a button; unlike a button it lets its words break their lines. */
public final class PressableBox extends VBox {
    private Runnable deed = () -> {};

    public PressableBox(double spacing, Node... words) {
        super(spacing, words);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.getButton() == MouseButton.PRIMARY) {
                requestFocus();
                deed.run();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                deed.run();
                e.consume();
            }
        });
    }

    public void setOnDeed(Runnable what) {
        deed = what;
    }

    /** Does it, as a click does. */
    public void fire() {
        deed.run();
    }
}
