package jorn.layout;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.art.Box;

/** Which way the parts of a stack follow one another. */
public enum Axis {
    /** One below the other, from the head. */
    DOWN("down"),
    /** Side by side, from the left. */
    ACROSS("across");

    private final String id;

    Axis(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** How long a box is this way, in points. */
    double length(Box box) {
        return this == DOWN ? box.height() : box.width();
    }

    /** The part of a box that begins so far along and is so long, in points. */
    Box part(Box whole, double from, double length) {
        return this == DOWN
                ? new Box(whole.x(), whole.y() + from, whole.width(), length)
                : new Box(whole.x() + from, whole.y(), length, whole.height());
    }
}
