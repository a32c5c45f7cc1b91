package jorn.block.paper;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * Lines with something to tick before each, as many as fit.
 *
 * @param spacing from line to line
 * @param sign what is ticked
 */
public record CheckList(
        @Label("block.check-list.line-line") @Required Length spacing,
        @Label("block.check-list.what-ticked") @Required Sign sign)
        implements Node {
    static final NodeKind<CheckList> KIND = NodeKind.of("check-list", CheckList.class)
            .filling()
            .offered(
                    "check-list",
                    Wording.of("block.check-list.check-list"),
                    Wording.of("block.check-list.lines-tick"),
                    () -> new CheckList(Length.mm(8), Sign.BOX));

    /** A pen's tick wants 4 mm (common practice). */
    private static final double TICK = Length.mm(4).points();

    public CheckList {
        spacing = Limits.step(spacing, Wording.of("block.check-list.line-line"));
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double step = spacing.points();
        int n = (int) Math.floor(area.height() / step + 1e-6);
        double side = Math.min(step * 0.8, TICK);
        for (int i = 0; i < n; i++) {
            double base = area.y() + (i + 1) * step - 1;
            double left = area.x();
            if (sign != Sign.NONE) {
                double cy = base - step * 0.12 - side / 2;
                sign.draw(pen, area.x() + side / 2, cy, side / 2);
                left += side + step * 0.3;
            }
            pen.line(left, base, area.right(), base, 0.5, Role.SOFT_LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return spacing.points() * 3;
    }
}
