package jorn.desk.bindery;

import java.util.Arrays;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Words below a time line, each under its place on it; the first and the last end where the line does. Where there is little room, every other one
 * stands in a second row.
 */
final class StepLine extends Pane {
    private static final double THUMB = 8;
    private static final double APART = 6;

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected void layoutChildren() {
        List<Node> words = getManagedChildren();
        boolean two = isNarrow(getWidth());
        int step = two ? 2 : 1;
        double[] left = new double[words.size() + step];
        Arrays.fill(left, getWidth() + APART);
        // From the right, so that the last ends where the line does and none covers the next.
        for (int i = words.size() - 1; i >= 0; i--) {
            Node word = words.get(i);
            double wide = word.prefWidth(-1);
            double place = words.size() < 2 ? 0 : (double) i / (words.size() - 1);
            double middle = THUMB + place * (getWidth() - 2 * THUMB);
            double x = Math.max(0, Math.min(left[i + step] - APART - wide, middle - wide / 2));
            left[i] = x;
            word.resizeRelocate(Math.rint(x), two && i % 2 == 1 ? high() + APART : 0, wide, word.prefHeight(-1));
        }
    }

    /** Whether two words that stand beside each other would touch. */
    private boolean isNarrow(double width) {
        List<Node> words = getManagedChildren();
        double widest = words.stream().mapToDouble(n -> n.prefWidth(-1)).max().orElse(0);
        return words.size() > 1 && width > 0 && (widest + APART) * (words.size() - 1) > width - 2 * THUMB;
    }

    private double high() {
        return getManagedChildren().stream()
                .mapToDouble(n -> n.prefHeight(-1))
                .max()
                .orElse(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        return isNarrow(width < 0 ? getWidth() : width) ? 2 * high() + APART : high();
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }
}
