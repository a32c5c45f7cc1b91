package jorn.block.chart;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.say.Message;
import jorn.say.Wording;

/** A child's twenty milk teeth, ten above and ten below, numbered, each with room to write in when it came. */
public record MilkTeeth() implements Node {
    static final NodeKind<MilkTeeth> KIND = NodeKind.of("milk-teeth", MilkTeeth.class)
            .filling()
            .offered(
                    "milk-teeth",
                    Wording.of("block.milk-teeth.name"),
                    Wording.of("block.milk-teeth.says"),
                    MilkTeeth::new);

    private static final int OF_A_JAW = 10;
    private static final double SMALLEST = Length.mm(26).points();
    /** Where the crowns' middles lie, and how large they are, as shares of the arch's radius. */
    private static final double MIDDLE = 0.84;

    private static final double LONG = 0.15;
    private static final double WIDE = 0.118;

    private static double radius(Box area) {
        return Math.min(area.width() / 2, area.height() / 2.25);
    }

    private static double[] place(int i, Box area) {
        double r = radius(area);
        boolean upper = i < OF_A_JAW;
        double a = Math.PI * ((i % OF_A_JAW) + 0.5) / OF_A_JAW;
        double cy = area.y() + area.height() / 2 + (upper ? -0.08 : 0.08) * r;
        double x = area.centreX() - Math.cos(a) * r * MIDDLE;
        double y = cy + (upper ? -1 : 1) * Math.sin(a) * r * MIDDLE;
        double turn = Math.atan2(y - cy, x - area.centreX());
        return new double[] {x, y, turn, r};
    }

    private static Path crown(double[] at) {
        double across = at[3] * WIDE;
        double along = at[3] * LONG;
        Path.Builder path = Path.builder();
        // Corners of a rounded crown, turned outward.
        double[][] c = {{-along, -across}, {along, -across}, {along, across}, {-along, across}};
        double k = 0.6;
        for (int i = 0; i < 4; i++) {
            double[] here = turned(c[i], at);
            double[] next = turned(c[(i + 1) % 4], at);
            double[] before = turned(c[(i + 3) % 4], at);
            double sx = here[0] + (before[0] - here[0]) * k / 2;
            double sy = here[1] + (before[1] - here[1]) * k / 2;
            double ex = here[0] + (next[0] - here[0]) * k / 2;
            double ey = here[1] + (next[1] - here[1]) * k / 2;
            if (i == 0) {
                path.move(sx, sy);
            } else {
                path.line(sx, sy);
            }
            path.curve(
                    (sx + 2 * here[0]) / 3,
                    (sy + 2 * here[1]) / 3,
                    (ex + 2 * here[0]) / 3,
                    (ey + 2 * here[1]) / 3,
                    ex,
                    ey);
        }
        return path.close().build();
    }

    private static double[] turned(double[] p, double[] at) {
        double cos = Math.cos(at[2]);
        double sin = Math.sin(at[2]);
        return new double[] {at[0] + p[0] * cos - p[1] * sin, at[1] + p[0] * sin + p[1] * cos};
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || lack(area, flow).isPresent()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Lettering as = pen.figure(TypeStep.NOTE).at(Align.CENTRE);
        for (int i = 0; i < 2 * OF_A_JAW; i++) {
            double[] at = place(i, area);
            pen.outline(crown(at), pen.style().lines().frame());
            double inward = at[3] * (MIDDLE - LONG - 0.1) / (at[3] * MIDDLE);
            double cy = at[1] - Math.sin(at[2]) * at[3] * MIDDLE;
            double x = area.centreX() + (at[0] - area.centreX()) * inward;
            double y = cy + (at[1] - cy) * inward;
            pen.words(Integer.toString(i + 1), new Box(x - 10, y - 6, 20, 12), y + as.size() * 0.34, as);
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        if (lack(area, flow).isPresent()) {
            return;
        }
        for (int i : new int[] {3, 4, 5, 6, 13, 14, 15, 16}) {
            double[] at = place(i, area);
            hand.hatch(new Box(at[0] - at[3] * 0.07, at[1] - at[3] * 0.07, at[3] * 0.14, at[3] * 0.14));
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        return radius(area) >= SMALLEST ? Optional.empty() : Optional.of(Lack.of(Message.of("block.milk-teeth.lack")));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(2.25 * SMALLEST, width * 0.8);
    }
}
