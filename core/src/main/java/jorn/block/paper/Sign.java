package jorn.block.paper;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.layout.Pen;
import jorn.layout.Signs;

/** What is ticked or marked: it stands before a line, or is one step of a scale. */
public enum Sign {
    BOX("box"),
    CIRCLE("circle"),
    HEART("heart"),
    STAR("star"),
    NONE("none");

    private final String id;

    Sign(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** Draws its outline round a point. */
    public void draw(Pen pen, double cx, double cy, double r) {
        switch (this) {
            case BOX -> pen.box(new Box(cx - r, cy - r, 2 * r, 2 * r), 0.7, Role.LINE);
            case CIRCLE -> pen.circle(cx, cy, r, 0.7, Role.LINE);
            case HEART -> pen.stroke(Signs.heart(cx, cy, r), 0.7, Role.ACCENT);
            case STAR -> pen.stroke(Signs.star(cx, cy, r), 0.7, Role.ACCENT);
            case NONE -> {
                // Bare.
            }
        }
    }
}
