package jorn.block.text;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.block.paper.Sign;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.layout.Signs;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Circles in a row to mark one of: 1 to 10, or stars or hearts.
 *
 * @param label before them; may be empty
 * @param steps how many, 2 to 12
 * @param sign a circle with its number, a star or a heart
 */
public record Scale(
        @Label(value = "block.scale.label", onPage = true) String label,
        @Label("block.scale.steps") Integer steps,
        @Label("block.scale.sign") Sign sign)
        implements Node {
    static final NodeKind<Scale> KIND = NodeKind.of("scale", Scale.class)
            .called(s -> s.sign == Sign.CIRCLE ? Wording.of("block.scale.scale") : Wording.of("block.scale.rating"))
            .offered(
                    "scale",
                    Wording.of("block.scale.scale-2"),
                    Wording.of("block.scale.one-marked"),
                    () -> new Scale("@effort", 10, Sign.CIRCLE))
            .offered(
                    "stars",
                    Wording.of("block.scale.stars"),
                    Wording.of("block.scale.one-five"),
                    () -> new Scale(Wording.of("block.scale.rating"), 5, Sign.STAR));

    private static final double HEIGHT = 20;

    public Scale {
        label = Limits.heading(label);
        steps = Limits.whole(steps == null ? 10 : steps, Wording.of("block.scale.steps"), 2, 12);
        sign = sign == null ? Sign.CIRCLE : sign;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double cy = area.y() + Math.min(HEIGHT, area.height()) / 2;
        double words = label.isBlank()
                ? 0
                : Math.min(area.width() * 0.35, pen.width(flow.fill(label), 10.5, Voice.BODY, Style.REGULAR) + 10);
        pen.words(
                flow.fill(label),
                new Box(area.x(), area.y(), words, HEIGHT),
                cy + 3.5,
                10.5,
                Voice.BODY,
                Style.REGULAR,
                Role.TEXT,
                Align.LEFT);
        double step = Math.min((area.width() - words) / steps, 26);
        double r = Math.min(step * 0.4, 7.5);
        for (int i = 0; i < steps; i++) {
            double cx = area.x() + words + step * (i + 0.5);
            switch (sign) {
                case STAR -> pen.stroke(Signs.star(cx, cy, r), 0.7, Role.ACCENT);
                case HEART -> pen.stroke(Signs.heart(cx, cy, r), 0.7, Role.ACCENT);
                case BOX -> pen.box(new Box(cx - r, cy - r, 2 * r, 2 * r), 0.6, Role.LINE);
                default -> {
                    pen.circle(cx, cy, r, 0.6, Role.LINE);
                    pen.words(
                            Integer.toString(i + 1),
                            new Box(cx - r, cy - r, 2 * r, 2 * r),
                            cy + 2.4,
                            7,
                            Voice.FIGURES,
                            Style.REGULAR,
                            Role.TEXT,
                            Align.CENTRE);
                }
            }
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return HEIGHT;
    }
}
