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
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * A wheel with a word at each spoke, and rings to mark on it how strong or how well: of a tasting, of how one's days go. The rings
 * are numbered from the middle.
 *
 * @param words at the spokes, 3 to 12
 * @param rings 3 to 10
 */
public record Wheel(
        @Label(value = "block.wheel.words", onPage = true) List<String> words,
        @Label("block.wheel.rings") Integer rings)
        implements Node {
    static final NodeKind<Wheel> KIND = NodeKind.of("wheel", Wheel.class)
            .filling()
            .offered(
                    "wheel",
                    Wording.of("block.wheel.name"),
                    Wording.of("block.wheel.says"),
                    () -> new Wheel(List.of("@sweet", "@sour", "@bitter", "@fruit", "@flowers", "@spice"), 5));

    private static final double SMALLEST = Length.mm(18).points();
    private static final int FEWEST = 3;
    private static final int MOST = 12;

    public Wheel {
        words = List.copyOf(words);
        rings = Limits.whole(rings == null ? 5 : rings, Wording.of("block.wheel.rings"), 3, 10);
        if (words.size() < FEWEST || words.size() > MOST) {
            throw Trouble.of("block.wheel.bad-count", words.size(), FEWEST, MOST);
        }
    }

    private double radius(Box area, StyledPen pen) {
        return Math.min((area.width() - pen.step() * 5) / 2, area.height() / 2 - pen.step());
    }

    private double angle(int i) {
        return 2 * Math.PI * i / words.size() - Math.PI / 2;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        StyledPen pen = new StyledPen(flow, out);
        double outer = radius(area, pen);
        if (!flow.grid().canHold(area) || outer < SMALLEST) {
            return;
        }
        double cx = area.centreX();
        double cy = area.y() + outer + pen.step();
        Rule frame = pen.style().lines().frame();
        Rule fine = pen.style().lines().writing().withKind(Rule.LineKind.SOLID);
        for (int r = 1; r <= rings; r++) {
            pen.outline(Pen.circle(cx, cy, outer * r / rings), r == rings ? frame : fine);
        }
        Lettering as = pen.label();
        for (int i = 0; i < words.size(); i++) {
            double a = angle(i);
            pen.outline(Path.line(cx, cy, cx + outer * Math.cos(a), cy + outer * Math.sin(a)), frame);
            word(flow.fill(words.get(i)), a, cx, cy, outer, area, pen, as);
        }
        Lettering small = pen.figure(TypeStep.NOTE);
        for (int r = 1; r <= rings; r++) {
            double y = cy - outer * r / rings;
            pen.words(Integer.toString(r), new Box(cx + 2, y, pen.step(), pen.step()), y + small.size() * 0.95, small);
        }
    }

    private static void word(
            String words, double a, double cx, double cy, double outer, Box area, StyledPen pen, Lettering as) {
        double x = cx + (outer + pen.step() * 0.35) * Math.cos(a);
        double y = cy + (outer + pen.step() * 0.45) * Math.sin(a);
        double base = y + as.size() * 0.34;
        if (Math.abs(Math.cos(a)) < 0.2) {
            double half = Math.min(cx - area.x(), pen.step() * 4);
            pen.words(words, new Box(cx - half, y, 2 * half, 1), base, as.at(Align.CENTRE));
        } else if (Math.cos(a) > 0) {
            pen.words(words, Box.orEmpty(x, y, area.right() - x, 1), base, as);
        } else {
            pen.words(words, Box.orEmpty(area.x(), y, x - area.x(), 1), base, as.at(Align.RIGHT));
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        double outer = radius(area, pen);
        if (outer < SMALLEST) {
            return;
        }
        double cx = area.centreX();
        double cy = area.y() + outer + pen.step();
        Path.Builder round = Path.builder();
        for (int i = 0; i < words.size(); i++) {
            double r = outer * (1 + hand.below(rings)) / rings;
            double x = cx + r * Math.cos(angle(i));
            double y = cy + r * Math.sin(angle(i));
            hand.dot(x, y);
            if (i == 0) {
                round.move(x, y);
            } else {
                round.line(x, y);
            }
        }
        hand.stroke(round.close().build());
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        return radius(area, StyledPen.measuring(flow)) >= SMALLEST
                ? Optional.empty()
                : Optional.of(Lack.of(Message.of("block.wheel.lack")));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(SMALLEST * 2, width * 0.75);
    }
}
