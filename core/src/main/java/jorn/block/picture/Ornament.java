package jorn.block.picture;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * A small drawing.
 *
 * @param shape which
 * @param size its height
 * @param align where it stands in its width
 */
public record Ornament(
        @Label("block.ornament.drawing") @Required Shape shape,
        @Label("block.ornament.height") @Required Length size,
        @Label("block.ornament.stands") @Required Align align)
        implements Node {
    static final NodeKind<Ornament> KIND = NodeKind.of("ornament", Ornament.class)
            .offered(
                    "ornament",
                    Wording.of("block.ornament.ornament"),
                    Wording.of("block.ornament.small-drawing"),
                    () -> new Ornament(Shape.SPRIG, Length.mm(9), Align.CENTRE));

    public Ornament {
        size = Limits.step(size, Wording.of("block.ornament.ornament-2"));
    }

    /** What is drawn. */
    public enum Shape {
        COMB("comb"),
        SPRIG("sprig"),
        RULE("rule"),
        DIAMONDS("diamonds"),
        SUN("sun");

        private final String id;

        Shape(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double h = Math.min(size.points(), area.height());
        double w =
                shape == Shape.RULE ? area.width() : Math.min(area.width(), shape == Shape.DIAMONDS ? h * 4 : h * 1.6);
        double x = area.x() + (area.width() - w) * (align == Align.LEFT ? 0 : align == Align.CENTRE ? 0.5 : 1);
        Box b = new Box(x, area.y() + (area.height() - h) / 2, w, h);
        switch (shape) {
            case COMB -> comb(pen, b);
            case SPRIG -> sprig(pen, b);
            case RULE -> {
                pen.line(b.x(), b.centreY(), b.centreX() - 8, b.centreY(), 0.7, Role.ACCENT);
                pen.line(b.centreX() + 8, b.centreY(), b.right(), b.centreY(), 0.7, Role.ACCENT);
                diamond(pen, b.centreX(), b.centreY(), Math.min(4, b.height() / 2));
            }
            case DIAMONDS -> {
                for (int i = -1; i <= 1; i++) {
                    diamond(pen, b.centreX() + i * b.width() / 4, b.centreY(), b.height() / (i == 0 ? 2.2 : 3.2));
                }
            }
            case SUN -> sun(pen, b);
        }
    }

    private static void diamond(Pen pen, double cx, double cy, double r) {
        pen.fill(
                Path.builder()
                        .move(cx, cy - r)
                        .line(cx + r, cy)
                        .line(cx, cy + r)
                        .line(cx - r, cy)
                        .close()
                        .build(),
                Role.ACCENT);
    }

    private static void comb(Pen pen, Box b) {
        double r = b.height() / 4;
        double dx = r * Math.sqrt(3);
        for (int i = -1; i <= 1; i++) {
            hexagon(pen, b.centreX() + i * dx, b.centreY() + (i == 0 ? -r * 0.75 : r * 0.75), r * 0.92);
        }
    }

    private static void hexagon(Pen pen, double cx, double cy, double r) {
        Path.Builder hex = Path.builder();
        for (int i = 0; i < 6; i++) {
            double a = Math.toRadians(60 * i - 90);
            double x = cx + r * Math.cos(a);
            double y = cy + r * Math.sin(a);
            if (i == 0) {
                hex.move(x, y);
            } else {
                hex.line(x, y);
            }
        }
        pen.stroke(hex.close().build(), 0.8, Role.ACCENT);
    }

    private static void sprig(Pen pen, Box b) {
        double cy = b.centreY();
        pen.stroke(
                Path.builder()
                        .move(b.x(), cy + b.height() * 0.2)
                        .curve(
                                b.x() + b.width() * 0.3,
                                cy - b.height() * 0.2,
                                b.x() + b.width() * 0.7,
                                cy + b.height() * 0.2,
                                b.right(),
                                cy - b.height() * 0.2)
                        .build(),
                0.8,
                Role.ACCENT);
        for (int i = 1; i <= 4; i++) {
            double x = b.x() + b.width() * i * 0.18;
            double up = i % 2 == 0 ? -1 : 1;
            double leaf = b.height() * 0.3;
            pen.fill(
                    Path.builder()
                            .move(x, cy)
                            .curve(
                                    x + leaf * 0.2,
                                    cy + up * leaf * 0.9,
                                    x + leaf,
                                    cy + up * leaf,
                                    x + leaf * 1.2,
                                    cy + up * leaf * 1.1)
                            .curve(x + leaf * 1.1, cy + up * leaf * 0.5, x + leaf * 0.6, cy + up * leaf * 0.1, x, cy)
                            .close()
                            .build(),
                    Role.ACCENT);
        }
    }

    private static void sun(Pen pen, Box b) {
        double r = b.height() * 0.24;
        pen.circle(b.centreX(), b.centreY(), r, 0.9, Role.ACCENT);
        for (int i = 0; i < 12; i++) {
            double a = Math.PI * i / 6;
            pen.line(
                    b.centreX() + Math.cos(a) * r * 1.4,
                    b.centreY() + Math.sin(a) * r * 1.4,
                    b.centreX() + Math.cos(a) * r * 1.95,
                    b.centreY() + Math.sin(a) * r * 1.95,
                    0.8,
                    Role.ACCENT);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points();
    }
}
