package jorn.desk.view;

import javafx.beans.value.ChangeListener;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/** Keeps what has the focus in sight, so that whoever walks with Tab sees where they are. */
public final class FocusScroll {
    private FocusScroll() {}

    /** Makes a pane scroll to whatever in it gets the focus. */
    public static void follow(ScrollPane pane) {
        ChangeListener<Node> mover = (o, was, now) -> {
            // A pane within takes the focus when its ground is pressed; what is pressed must not move away under the
            // pointer.
            if (now != null && !(now instanceof ScrollPane) && FocusKeep.isWithin(now, pane.getContent())) {
                bring(pane, now);
            }
        };
        pane.sceneProperty().addListener((o, was, scene) -> {
            if (was != null) {
                was.focusOwnerProperty().removeListener(mover);
            }
            if (scene != null) {
                scene.focusOwnerProperty().addListener(mover);
            }
        });
    }

    private static void bring(ScrollPane pane, Node node) {
        // What was made a moment ago has no place yet.
        pane.layout();
        double seen = pane.getViewportBounds().getHeight();
        double whole = pane.getContent().getLayoutBounds().getHeight();
        if (whole <= seen || seen <= 0) {
            return;
        }
        Bounds at = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()));
        double top = pane.getVvalue() * (whole - seen);
        double wanted =
                at.getMinY() < top ? at.getMinY() - 8 : at.getMaxY() > top + seen ? at.getMaxY() + 8 - seen : top;
        pane.setVvalue(Math.max(0, Math.min(1, wanted / (whole - seen))));
    }
}
