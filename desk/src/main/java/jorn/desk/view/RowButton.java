package jorn.desk.view;

import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.Button;

/** A button as wide as its slip, whose words break their lines where the slip is narrow. */
final class RowButton extends Button {
    private static final double LEAST = 90;

    RowButton(Node words) {
        setGraphic(words);
        setMaxWidth(Double.MAX_VALUE);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computeMinWidth(double height) {
        return LEAST;
    }

    @Override
    protected double computePrefHeight(double width) {
        double beside = snappedLeftInset() + snappedRightInset();
        double within = width < 0 ? -1 : Math.max(0, width - beside - SLACK);
        return getGraphic().prefHeight(within) + snappedTopInset() + snappedBottomInset();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    /** What the words are narrower than the button by, beside its insets. */
    private static final double SLACK = 8;
}
