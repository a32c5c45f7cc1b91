package jorn.desk.benches;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;

/** One bench of the window. Only the bench that is seen shows itself anew when the book changes. */
public interface Bench {
    Node node();

    /** Shows the book as it is now. */
    void show();

    /** Sets the size of text in its drawings, in pixels. */
    default void textSize(double pixels) {}

    /**
     * Says how much of the top right corner is to be left free for the figures that hang there, in pixels.
     *
     * @param small whether there is so little room that what is used less gives way
     */
    default void corner(double width, double height, boolean small) {}

    /**
     * Hears of a key that no field takes.
     *
     * @return whether the bench has done something with it
     */
    default boolean key(KeyEvent e) {
        return false;
    }
}
