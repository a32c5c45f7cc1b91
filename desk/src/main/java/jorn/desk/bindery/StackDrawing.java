package jorn.desk.bindery;

import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import jorn.desk.bindery.BinderyWork.Loaded;

/** One way in which the stack is seen. */
interface StackDrawing {
    /** Above and below what is drawn, and between its parts. */
    double GAP = 16;

    /**
     * What is looked at.
     *
     * @param page from 1
     * @param width of the room in which it is drawn
     * @param height likewise
     */
    record Sight(Loaded of, int page, double width, double height) {}

    /**
     * Draws it.
     *
     * @param time along the time line
     */
    void draw(GraphicsContext g, Sight sight, double time);

    /** The page under a point; nothing where pages cannot be told apart. */
    default Optional<Integer> pageAt(Sight sight, double time, double x, double y) {
        return Optional.empty();
    }
}
