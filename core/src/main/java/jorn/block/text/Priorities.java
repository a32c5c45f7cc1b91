package jorn.block.text;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.block.paper.Sign;
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
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * A few lines in order of weight, each with its number in a shape.
 *
 * @param count how many, 1 to 10
 * @param spacing from line to line
 * @param sign the shape round the number
 */
public record Priorities(
        @Label("block.priorities.how-many") @Required int count,
        @Label("block.priorities.line-line") @Required Length spacing,
        @Label("block.priorities.sign") Sign sign)
        implements Node {
    static final NodeKind<Priorities> KIND = NodeKind.of("priorities", Priorities.class)
            .offered(
                    "priorities",
                    Wording.of("block.priorities.priorities"),
                    Wording.of("block.priorities.numbered"),
                    () -> new Priorities(3, Length.mm(9), Sign.CIRCLE));

    public Priorities {
        count = Limits.whole(count, Wording.of("block.priorities.how-many"), 1, 10);
        spacing = Limits.step(spacing, Wording.of("block.priorities.line-line"));
        sign = sign == null ? Sign.CIRCLE : sign;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double step = Math.min(spacing.points(), area.height() / count);
        double r = Math.min(step * 0.38, 11);
        for (int i = 0; i < count; i++) {
            double base = area.y() + (i + 1) * step - 1;
            double cy = base - step * 0.08 - r;
            double cx = area.x() + r;
            sign.draw(pen, cx, cy, r);
            pen.words(
                    Integer.toString(i + 1),
                    new Box(cx - r, cy - r, 2 * r, 2 * r),
                    cy + r * 0.36,
                    r * 1.05,
                    Voice.FIGURES,
                    Style.BOLD,
                    Role.HEADING,
                    Align.CENTRE);
            pen.line(area.x() + 2 * r + step * 0.25, base, area.right(), base, 0.5, Role.LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return count * spacing.points();
    }
}
