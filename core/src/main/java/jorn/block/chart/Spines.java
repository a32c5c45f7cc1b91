package jorn.block.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
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
 * Shelves of bare book spines: a title is written on each, and it is coloured once the book is read.
 *
 * @param shelves 1 to 8
 * @param seed of how tall and thick they are
 */
public record Spines(@Label("block.spines.shelves") Integer shelves, @Label("block.spines.seed") int seed)
        implements Node {
    static final NodeKind<Spines> KIND = NodeKind.of("spines", Spines.class)
            .filling()
            .offered(
                    "spines", Wording.of("block.spines.name"), Wording.of("block.spines.says"), () -> new Spines(4, 1));

    private static final double THINNEST = Length.mm(6.5).points();
    private static final double THICKEST = Length.mm(12).points();
    private static final double LOWEST = Length.mm(26).points();

    public Spines {
        shelves = Limits.whole(shelves == null ? 4 : shelves, Wording.of("block.spines.shelves"), 1, 8);
        seed = Limits.whole(seed, Wording.of("block.spines.seed"), 0, 1000);
    }

    /** The spines, from the left of the top shelf. */
    private List<Box> spines(Box area) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<Box> all = new ArrayList<>();
        double high = area.height() / shelves;
        for (int s = 0; s < shelves; s++) {
            double foot = area.y() + (s + 1) * high - 4;
            double x = area.x() + 3;
            // The last shelves have a gap where books are still to come.
            double end = area.right() - 3 - (s % 2 == 1 ? area.width() * 0.12 : 0);
            while (true) {
                double w = THINNEST + chance.nextDouble() * (THICKEST - THINNEST);
                if (x + w > end) {
                    break;
                }
                double h = high * (0.7 + 0.2 * chance.nextDouble());
                all.add(new Box(x, foot - h, w, h));
                x += w;
            }
        }
        return all;
    }

    private boolean fits(Box area) {
        return area.height() / shelves >= LOWEST && area.width() > 4 * THICKEST;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || !fits(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Rule frame = pen.style().lines().frame();
        List<Box> all = spines(area);
        for (int i = 0; i < all.size(); i++) {
            Box b = all.get(i);
            pen.outline(Path.rounded(b.inset(0.6, 0.6, 0, 0.6), Math.min(2.5, pen.corner())), frame);
            double band = b.height() * 0.1;
            if (i % 3 != 1) {
                pen.across(frame, b.x() + 0.6, b.right() - 0.6, b.y() + band);
                pen.across(frame, b.x() + 0.6, b.right() - 0.6, b.bottom() - band);
            }
            if (i % 3 == 2) {
                pen.across(frame, b.x() + 0.6, b.right() - 0.6, b.bottom() - band * 1.6);
            }
        }
        double high = area.height() / shelves;
        for (int s = 1; s <= shelves; s++) {
            pen.across(
                    pen.style().lines().head().withKind(Rule.LineKind.SOLID),
                    area.x(),
                    area.right(),
                    area.y() + s * high - 3);
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        List<Box> all = fits(area) ? spines(area) : List.of();
        for (int i = 0; i < all.size() * 0.55; i++) {
            Box b = all.get(i);
            hand.upright("book", b.inset(b.height() * 0.12, 0, b.height() * 0.12, 0));
            if (i % 4 != 3) {
                hand.hatch(
                        Box.orEmpty(b.x() + 1.4, b.bottom() - b.height() * 0.09, b.width() - 2.8, b.height() * 0.08));
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = (int) (area.height() / LOWEST);
        return fits(area)
                ? Optional.empty()
                : Optional.of(
                        there < 1
                                ? Lack.of(Message.of("block.spines.lack", shelves))
                                : Lack.of(
                                        Message.of("block.spines.lack", shelves),
                                        new Lack.Remedy(
                                                Message.of("block.spines.fewer", Math.min(shelves, there)),
                                                new Spines(Math.min(shelves, there), seed))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return shelves * LOWEST * 1.2;
    }
}
