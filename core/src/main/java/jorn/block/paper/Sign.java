package jorn.block.paper;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.art.Box;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.layout.Pen;

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
            case HEART -> pen.stroke(heart(cx, cy, r), 0.7, Role.ACCENT);
            case STAR -> pen.stroke(star(cx, cy, r), 0.7, Role.ACCENT);
            case NONE -> {
                // Bare.
            }
        }
    }

    public static Path heart(double cx, double cy, double r) {
        double top = cy - r * 0.45;
        return Path.builder()
                .move(cx, cy + r * 0.95)
                .curve(cx - r * 1.3, cy + r * 0.1, cx - r * 1.05, cy - r * 1.05, cx - r * 0.45, cy - r * 0.9)
                .curve(cx - r * 0.15, cy - r * 0.85, cx, top - r * 0.05, cx, top)
                .curve(cx, top - r * 0.05, cx + r * 0.15, cy - r * 0.85, cx + r * 0.45, cy - r * 0.9)
                .curve(cx + r * 1.05, cy - r * 1.05, cx + r * 1.3, cy + r * 0.1, cx, cy + r * 0.95)
                .close()
                .build();
    }

    public static Path star(double cx, double cy, double r) {
        Path.Builder b = Path.builder();
        for (int i = 0; i < 10; i++) {
            double a = Math.PI * i / 5 - Math.PI / 2;
            double at = i % 2 == 0 ? r : r * 0.42;
            double x = cx + at * Math.cos(a);
            double y = cy + at * Math.sin(a);
            if (i == 0) {
                b.move(x, y);
            } else {
                b.line(x, y);
            }
        }
        return b.close().build();
    }
}
