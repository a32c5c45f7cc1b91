package jorn.desk.view;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;

/** Lies over a bench and draws the line from a place to the slip or note about it; stays within the bench and lets the mouse through. */
public final class JointLayer extends Pane {
    private final Polyline line = new Polyline();

    public JointLayer() {
        line.setStroke(Theme.THREAD);
        line.setStrokeWidth(1.5);
        getChildren().add(line);
        setMouseTransparent(true);
        setPickOnBounds(false);
        Rectangle within = new Rectangle();
        within.widthProperty().bind(widthProperty());
        within.heightProperty().bind(heightProperty());
        setClip(within);
    }

    /** The line itself; without points there is none. */
    public Polyline line() {
        return line;
    }
}
