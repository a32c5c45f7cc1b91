package jorn.desk.view;

import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/** Explains a control when the pointer rests on it: what F1 says of the one in focus. */
public final class HoverHelp {
    private static final Duration REST = Duration.millis(750);
    private static final double WIDTH = 380;

    private final Tooltip words = new Tooltip();
    private final PauseTransition rest = new PauseTransition(REST);
    private @Nullable Node over;
    private double x;
    private double y;

    private HoverHelp() {
        words.setWrapText(true);
        words.setMaxWidth(WIDTH);
        words.setAutoHide(true);
        rest.setOnFinished(e -> show());
    }

    /** Listens to the pointer in the whole window. */
    public static void install(Scene scene) {
        HoverHelp help = new HoverHelp();
        scene.addEventFilter(MouseEvent.MOUSE_MOVED, help::move);
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> help.leave());
        scene.addEventFilter(MouseEvent.MOUSE_EXITED, e -> help.leave());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> help.leave());
    }

    private void move(MouseEvent e) {
        Node now = explained(e.getTarget());
        x = e.getScreenX();
        y = e.getScreenY();
        if (now != over) {
            leave();
            over = now;
            if (now != null) {
                rest.playFromStart();
            }
        }
    }

    private static @Nullable Node explained(Object target) {
        for (Node n = target instanceof Node t ? t : null; n != null; n = n.getParent()) {
            if (n.getAccessibleHelp() != null && !n.getAccessibleHelp().isBlank()) {
                return n;
            }
        }
        return null;
    }

    private void show() {
        Node node = over;
        if (node == null || node.getScene() == null || node.getScene().getWindow() == null) {
            return;
        }
        // The whole of a word that had no room is told as well.
        String whole = node instanceof Labeled l && l.getWidth() < l.prefWidth(-1) - 1 ? l.getText() + "\n" : "";
        words.setText(whole + node.getAccessibleHelp());
        words.show(node, x + 12, y + 16);
    }

    private void leave() {
        rest.stop();
        words.hide();
        over = null;
    }
}
