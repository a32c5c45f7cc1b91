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
 * A family's tree: one at the foot, the two before above, and theirs above them, each in a box with lines to write name and years on.
 *
 * @param generations 2 to 4, the one at the foot included
 */
public record FamilyTree(@Label("block.family-tree.generations") Integer generations) implements Node {
    static final NodeKind<FamilyTree> KIND = NodeKind.of("family-tree", FamilyTree.class)
            .filling()
            .offered(
                    "family-tree",
                    Wording.of("block.family-tree.name"),
                    Wording.of("block.family-tree.says"),
                    () -> new FamilyTree(3));

    private static final double NARROWEST = Length.mm(21).points();
    private static final double WIDEST = Length.mm(48).points();
    private static final int LINES = 2;
    private static final double GAP = Length.mm(2.5).points();

    public FamilyTree {
        generations =
                Limits.whole(generations == null ? 3 : generations, Wording.of("block.family-tree.generations"), 2, 4);
    }

    private static int count(int generation) {
        return 1 << generation;
    }

    /** The box of one, generation 0 at the foot. */
    private Box box(int generation, int i, Box area, double step) {
        double cell = area.width() / count(generation);
        double w = Math.min(WIDEST, cell - GAP);
        double h = (LINES + 0.6) * step;
        double rise = generations == 1 ? 0 : (area.height() - h) / (generations - 1);
        return new Box(area.x() + (i + 0.5) * cell - w / 2, area.bottom() - h - generation * rise, w, h);
    }

    private boolean fits(Box area, double step) {
        return area.width() / count(generations - 1) - GAP >= NARROWEST
                && area.height() >= generations * (LINES + 1.6) * step;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || !fits(area, flow.grid().step())) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Rule frame = pen.style().lines().frame();
        for (int g = 0; g < generations; g++) {
            for (int i = 0; i < count(g); i++) {
                Box own = box(g, i, area, pen.step());
                pen.outline(Path.rounded(own, pen.corner()), frame);
                for (int l = 1; l <= LINES; l++) {
                    pen.across(
                            pen.style().lines().writing(),
                            own.x() + 4,
                            own.right() - 4,
                            own.y() + l * pen.step() + pen.step() * 0.1);
                }
                if (g + 1 < generations) {
                    branch(own, box(g + 1, 2 * i, area, pen.step()), box(g + 1, 2 * i + 1, area, pen.step()), pen);
                }
            }
        }
    }

    private static void branch(Box child, Box left, Box right, StyledPen pen) {
        double fork = (child.y() + left.bottom()) / 2;
        Rule frame = pen.style().lines().frame();
        pen.down(frame, child.centreX(), fork, child.y());
        pen.across(frame, left.centreX(), right.centreX(), fork);
        pen.down(frame, left.centreX(), left.bottom(), fork);
        pen.down(frame, right.centreX(), right.bottom(), fork);
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        double step = flow.grid().step();
        if (!fits(area, step)) {
            return;
        }
        for (int g = 0; g < generations; g++) {
            for (int i = 0; i < count(g); i++) {
                Box own = box(g, i, area, step).inset(0, 4, 0, 5);
                hand.note("first-name", own, own.y() + step * 0.9);
                hand.write(Integer.toString(1992 - 28 * g - hand.below(7)), own, own.y() + step * 1.9);
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        if (fits(area, flow.grid().step())) {
            return Optional.empty();
        }
        Message says = Message.of("block.family-tree.lack", generations);
        return Optional.of(
                generations == 2
                        ? Lack.of(says)
                        : Lack.of(
                                says,
                                new Lack.Remedy(
                                        Message.of("block.family-tree.fewer", generations - 1),
                                        new FamilyTree(generations - 1))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * generations * (LINES + 3);
    }
}
