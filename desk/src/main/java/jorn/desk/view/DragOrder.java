package jorn.desk.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

/** Lets hands drag things that stand in an order to another place among each other; the thread shows where one would come. */
public final class DragOrder {
    private static final double DRAGGED = 5;
    private static final String BEFORE = "drop-before";
    private static final String BEHIND = "drop-behind";

    private final Pane parent;
    private final BiConsumer<Integer, Integer> move;
    private final IntConsumer press;
    private final List<Node> all = new ArrayList<>();
    private double pressedX;
    private double pressedY;
    private boolean dragging;

    /**
     * @param parent in which they stand: below each other in a {@link VBox}, else row by row
     * @param move from one place to another, both counted from 0
     * @param press something was pressed and not dragged
     */
    public DragOrder(Pane parent, BiConsumer<Integer, Integer> move, IntConsumer press) {
        this.parent = parent;
        this.move = move;
        this.press = press;
    }

    /** One more thing, behind those that were added. */
    public void add(Node node) {
        int index = all.size();
        all.add(node);
        node.setOnMousePressed(e -> {
            pressedX = e.getSceneX();
            pressedY = e.getSceneY();
            dragging = false;
            node.requestFocus();
            e.consume();
        });
        node.setOnMouseDragged(e -> drag(node, e));
        node.setOnMouseReleased(e -> drop(index, e));
    }

    private void drag(Node node, MouseEvent e) {
        dragging |= Math.hypot(e.getSceneX() - pressedX, e.getSceneY() - pressedY) > DRAGGED;
        if (dragging) {
            node.setOpacity(0.5);
            unmark();
            int gap = gap(e);
            if (gap < all.size()) {
                all.get(gap).getStyleClass().add(BEFORE);
            } else {
                all.get(gap - 1).getStyleClass().add(BEHIND);
            }
            e.consume();
        }
    }

    private void drop(int index, MouseEvent e) {
        boolean was = dragging;
        dragging = false;
        unmark();
        all.forEach(n -> n.setOpacity(1));
        if (!was) {
            press.accept(index);
        } else {
            int gap = gap(e);
            int to = gap > index ? gap - 1 : gap;
            if (to != index) {
                move.accept(index, to);
            }
        }
        e.consume();
    }

    private void unmark() {
        all.forEach(n -> n.getStyleClass().removeAll(BEFORE, BEHIND));
    }

    /** Between which two the pointer is: before the one that is returned. */
    private int gap(MouseEvent e) {
        Point2D at = parent.sceneToLocal(e.getSceneX(), e.getSceneY());
        boolean column = parent instanceof VBox;
        int nearest = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < all.size(); i++) {
            Bounds bounds = all.get(i).getBoundsInParent();
            double far = column
                    ? Math.abs(at.getY() - bounds.getCenterY())
                    : at.distance(bounds.getCenterX(), bounds.getCenterY());
            if (far < least) {
                least = far;
                boolean before = column ? at.getY() < bounds.getCenterY() : at.getX() < bounds.getCenterX();
                nearest = before ? i : i + 1;
            }
        }
        return nearest;
    }
}
