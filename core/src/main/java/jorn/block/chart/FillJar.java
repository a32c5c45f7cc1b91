package jorn.block.chart;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * A jar to colour from its foot upward as something grows, with a mark at each level and a line beside it to write the amount or the
 * day on.
 *
 * @param levels 3 to 20
 */
public record FillJar(@Label("block.fill-jar.levels") Integer levels) implements Node {
    static final NodeKind<FillJar> KIND = NodeKind.of("fill-jar", FillJar.class)
            .filling()
            .offered(
                    "fill-jar",
                    Wording.of("block.fill-jar.name"),
                    Wording.of("block.fill-jar.says"),
                    () -> new FillJar(10));

    private static final double LOWEST = Length.mm(60).points();
    private static final double NARROWEST = Length.mm(55).points();
    private static final double LID = 0.1;
    private static final double NECK = 0.05;

    public FillJar {
        levels = Limits.whole(levels == null ? 10 : levels, Wording.of("block.fill-jar.levels"), 3, 20);
    }

    /** The glass below the neck. */
    private static Box glass(Box area) {
        double w = Math.min(area.width() * 0.58, area.height() * 0.72);
        double left = area.x() + (area.width() * 0.66 - w) / 2;
        return Box.between(
                Math.max(area.x(), left),
                area.y() + area.height() * (LID + NECK),
                Math.max(area.x(), left) + w,
                area.bottom());
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || lack(area, flow).isPresent()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Box g = glass(area);
        Rule frame = pen.style().lines().frame();
        double r = g.width() * 0.14;
        double neck = g.width() * 0.09;
        double top = area.y() + area.height() * LID;
        // The shoulders are drawn in to the neck, over which the lid reaches a little.
        pen.outline(
                Path.builder()
                        .move(g.x() + neck, top)
                        .line(g.x() + neck, g.y() - r * 0.3)
                        .curve(g.x(), g.y(), g.x(), g.y() + r * 0.4, g.x(), g.y() + r)
                        .line(g.x(), g.bottom() - r)
                        .curve(g.x(), g.bottom() - r * 0.45, g.x() + r * 0.45, g.bottom(), g.x() + r, g.bottom())
                        .line(g.right() - r, g.bottom())
                        .curve(
                                g.right() - r * 0.45,
                                g.bottom(),
                                g.right(),
                                g.bottom() - r * 0.45,
                                g.right(),
                                g.bottom() - r)
                        .line(g.right(), g.y() + r)
                        .curve(g.right(), g.y() + r * 0.4, g.right(), g.y(), g.right() - neck, g.y() - r * 0.3)
                        .line(g.right() - neck, top)
                        .build(),
                frame);
        Box lid = Box.between(g.x() + neck * 0.6, area.y(), g.right() - neck * 0.6, top);
        pen.outline(Path.rounded(lid, Math.min(4, lid.height() / 4)), frame);
        pen.across(frame, lid.x(), lid.right(), lid.y() + lid.height() * 0.66);
        for (int i = 1; i <= levels; i++) {
            double y = level(i, g);
            pen.across(pen.style().lines().writing().withKind(Rule.LineKind.DASHED), g.x() + 2, g.right() - 2, y);
            pen.across(frame, g.right(), g.right() + pen.step() * 0.5, y);
            pen.across(pen.style().lines().writing(), g.right() + pen.step() * 0.8, area.right(), y);
        }
    }

    private double level(int i, Box g) {
        return g.bottom() - (g.height() - g.width() * 0.14) * i / levels;
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        if (lack(area, flow).isPresent()) {
            return;
        }
        Box g = glass(area);
        int reached = Math.max(1, levels / 2);
        hand.hatch(Box.between(g.x() + 5, level(reached, g), g.right() - 5, g.bottom() - 5));
        double step = flow.grid().step();
        for (int i = 1; i <= levels; i++) {
            double y = level(i, g);
            hand.write(Integer.toString(i * 50), Box.between(g.right() + step, y - step, area.right(), y), y - 2);
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        boolean fits = area.height() >= LOWEST
                && area.width() >= NARROWEST
                && area.height() / (levels + 2) >= Length.mm(4).points();
        return fits
                ? Optional.empty()
                : Optional.of(
                        levels > 5
                                ? Lack.of(
                                        Message.of("block.fill-jar.lack", levels),
                                        new Lack.Remedy(Message.of("block.fill-jar.fewer", 5), new FillJar(5)))
                                : Lack.of(Message.of("block.fill-jar.lack", levels)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(LOWEST, width * 0.9);
    }
}
