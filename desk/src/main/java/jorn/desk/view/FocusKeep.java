package jorn.desk.view;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/** Leaves the focus where the person was, when what they see is made anew. */
public final class FocusKeep {
    /** Marks a field in which something was done since it has the focus. */
    private static final String TOUCHED = "jorn.touched";

    private FocusKeep() {}

    /**
     * Makes the children of a node anew, and gives the focus back to the one of the same id, if the focus was among them.
     *
     * @param instead what gets it where there is none of that id any more
     */
    public static void around(Parent root, Node instead, Runnable makeAnew) {
        Optional<Node> owner = ownerIn(root);
        makeAnew.run();
        owner.ifPresent(was -> {
            give(root, was, instead);
            // What is not laid out yet may refuse the focus; then it gets it with the next frame.
            Platform.runLater(() -> {
                if (root.getScene() != null && ownerIn(root).isEmpty() && isLost(root)) {
                    give(root, was, instead);
                }
            });
        });
    }

    private static boolean isLost(Parent root) {
        Node owner = root.getScene().getFocusOwner();
        return owner == null || owner.getScene() == null;
    }

    private static void give(Parent root, Node was, Node instead) {
        Node again = was.getId() == null ? null : root.lookup("#" + was.getId());
        Node wanted = again == null ? instead : again;
        wanted.requestFocus();
        if (wanted instanceof TextField field && was instanceof TextField before) {
            if (before.getProperties().containsKey(TOUCHED)) {
                field.getProperties().put(TOUCHED, true);
                field.positionCaret(Math.min(before.getCaretPosition(), field.getLength()));
            } else {
                field.selectAll();
            }
        }
    }

    /** Selects all that is in a field when it is walked to with the keys, so that typing replaces it. */
    static void selectOnArrival(TextField field) {
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() != KeyCode.TAB) {
                field.getProperties().put(TOUCHED, true);
            }
        });
        field.addEventFilter(
                MouseEvent.MOUSE_PRESSED, e -> field.getProperties().put(TOUCHED, true));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                field.getProperties().remove(TOUCHED);
            } else if (!field.getProperties().containsKey(TOUCHED)) {
                field.selectAll();
            }
        });
    }

    /** What has the focus, if it is the node or within it. */
    public static Optional<Node> ownerIn(Node root) {
        Node owner = root.getScene() == null ? null : root.getScene().getFocusOwner();
        return owner != null && isWithin(owner, root) ? Optional.of(owner) : Optional.empty();
    }

    /** Whether a node is another one or within it. */
    public static boolean isWithin(Object node, Node around) {
        for (Node n = node instanceof Node t ? t : null; n != null; n = n.getParent()) {
            if (n == around) {
                return true;
            }
        }
        return false;
    }
}
