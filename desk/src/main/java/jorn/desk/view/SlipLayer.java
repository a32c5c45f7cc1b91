package jorn.desk.view;

import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polyline;
import org.jspecify.annotations.Nullable;

/** Lies over the window and holds the one slip that is open, joined by a line to what it belongs to. */
public final class SlipLayer extends Pane {
    private static final double GAP = 12;
    private static final double EDGE = 8;

    private @Nullable Slip open;
    /** The slip itself, or what it is scrolled in. */
    private @Nullable Region holder;

    private @Nullable Node anchor;
    /** What had the focus when the slip was opened. */
    private @Nullable Node before;

    private final Polyline line = new Polyline();

    public SlipLayer() {
        setPickOnBounds(false);
        line.setStroke(Theme.THREAD);
        line.setStrokeWidth(1.5);
        line.setMouseTransparent(true);
        sceneProperty().addListener((o, was, scene) -> {
            if (scene != null) {
                scene.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
                    if (holder != null
                            && anchor != null
                            && !FocusKeep.isWithin(e.getTarget(), holder)
                            && !FocusKeep.isWithin(e.getTarget(), anchor)) {
                        close();
                    }
                });
                scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
                    if (open != null && e.getCode() == KeyCode.ESCAPE) {
                        close();
                        e.consume();
                    }
                });
            }
        });
    }

    /** Opens a slip under a node; a second call for the same node closes it. */
    public void toggle(Slip slip, Node under) {
        if (open != null && anchor == under) {
            close();
            return;
        }
        close();
        before = getScene() == null ? null : getScene().getFocusOwner();
        open = slip;
        anchor = under;
        slip.getStyleClass().add("floating");
        slip.setOnDone(this::close);
        slip.setMinWidth(Region.USE_PREF_SIZE);
        holder = slip;
        getChildren().setAll(slip, line);
        slip.applyCss();
        if (slip.prefWidth(-1) > getWidth() - 2 * EDGE && getWidth() > 0) {
            // Wider than the window: what is in it gives way.
            slip.setMinWidth(0);
        }
        if (slip.prefHeight(-1) > getHeight() - 2 * EDGE && getHeight() > 0) {
            scrolled(slip);
        }
        requestLayout();
        Platform.runLater(() -> focusFirst(slip));
    }

    /** A slip that is taller than the window is scrolled in it. */
    private void scrolled(Slip slip) {
        getChildren().clear();
        ScrollPane scroll = new ScrollPane(slip);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        FocusScroll.follow(scroll);
        scroll.getStyleClass().add("slip-scroll");
        holder = scroll;
        getChildren().setAll(scroll, line);
        scroll.applyCss();
    }

    public boolean isOpen() {
        return open != null;
    }

    /** Takes the slip away. The focus goes back to where it was, or to where the slip was opened from, or to what stands there by now. */
    public void close() {
        Region held = holder;
        Node from = anchor;
        if (held == null || from == null) {
            return;
        }
        boolean within = FocusKeep.ownerIn(held).isPresent() || getScene().getFocusOwner() == null;
        open = null;
        holder = null;
        anchor = null;
        Node was = before;
        before = null;
        if (within) {
            giveBack(was != null && was.getScene() != null && was != getScene().getRoot() ? was : from);
        }
        getChildren().clear();
    }

    private void giveBack(Node from) {
        Node again = from.getScene() != null || from.getId() == null
                ? from
                : getScene().lookup("#" + from.getId());
        if (again != null && again.getScene() != null) {
            again.requestFocus();
        }
    }

    @Override
    protected void layoutChildren() {
        Region held = holder;
        if (held == null || anchor == null || anchor.getScene() == null) {
            return;
        }
        Bounds at = sceneToLocal(anchor.localToScene(anchor.getBoundsInLocal()));
        double w = Math.min(held.prefWidth(-1), getWidth() - 2 * EDGE);
        double h = Math.min(held.prefHeight(w), getHeight() - 2 * EDGE);
        double wantedX = at.getMinX() - 14;
        double wantedY = at.getMaxY() + GAP;
        double x = Math.max(EDGE, Math.min(wantedX, getWidth() - w - EDGE));
        double y = Math.max(EDGE, Math.min(wantedY, getHeight() - h - EDGE));
        held.resizeRelocate(x, y, w, h);
        double from = Math.min(at.getMinX() + 10, x + w - 6);
        line.getPoints().setAll(from, at.getMaxY() + 1, from + 4, y + 6);
        line.setVisible(at.getMaxY() < y);
    }

    private static void focusFirst(Slip slip) {
        Node wanted = slip.lookup(".text-field");
        if (wanted == null) {
            wanted = slip.lookup(".choice.chosen");
        }
        if (wanted == null) {
            wanted = first(slip);
        }
        if (wanted != null) {
            wanted.requestFocus();
            if (wanted instanceof TextField field) {
                field.selectAll();
            }
        }
    }

    /** The first thing in a slip that can have the focus. */
    private static @Nullable Node first(Node node) {
        if (node.isFocusTraversable() && node.isVisible()) {
            return node;
        }
        if (node instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                Node found = first(child);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }
}
