package jorn.desk.bindery;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/** Words below a time line, each under its place on it; the first and the last end where the line does. */
final class StepLine extends Pane {
    private static final double THUMB = 8;

    @Override
    protected void layoutChildren() {
        List<Node> words = getManagedChildren();
        for (int i = 0; i < words.size(); i++) {
            Node word = words.get(i);
            double wide = word.prefWidth(-1);
            double place = words.size() < 2 ? 0 : (double) i / (words.size() - 1);
            double middle = THUMB + place * (getWidth() - 2 * THUMB);
            double x = Math.max(0, Math.min(getWidth() - wide, middle - wide / 2));
            word.resizeRelocate(Math.rint(x), 0, wide, word.prefHeight(-1));
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        return getManagedChildren().stream()
                .mapToDouble(n -> n.prefHeight(-1))
                .max()
                .orElse(0);
    }
}
