package jorn.block.form;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
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
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * A row of signs to mark one of, or several: stars for a book, cups of water, a scale from 1 to 10.
 *
 * @param label before them; may be empty
 * @param steps how many, 2 to 12
 * @param sign what is marked
 */
public record Rating(
        @Label(value = "block.rating.label", onPage = true) String label,
        @Label("block.rating.steps") Integer steps,
        @Label("block.rating.sign") RatingSign sign)
        implements Node {
    /** What is marked. */
    public enum RatingSign {
        /** What the style ticks. */
        TICK,
        /** A circle with its number. */
        NUMBER,
        STAR,
        HEART,
        /** A drop, for water. */
        DROP
    }

    static final NodeKind<Rating> KIND = NodeKind.of("rating", Rating.class)
            .offered(
                    "rating",
                    Wording.of("block.rating.name"),
                    Wording.of("block.rating.says"),
                    () -> new Rating("@liked", 5, RatingSign.STAR));

    public Rating {
        label = Limits.heading(label);
        steps = Limits.whole(steps == null ? 5 : steps, Wording.of("block.rating.steps"), 2, 12);
        sign = sign == null ? RatingSign.TICK : sign;
    }

    private double words(Flow flow, StyledPen pen) {
        return label.isBlank() ? 0 : pen.width(flow.fill(label), pen.label()) + pen.step() * 0.6;
    }

    private double stepWidth(Box area, Flow flow, StyledPen pen) {
        return Math.min(pen.step() * 1.05, (area.width() - words(flow, pen)) / steps);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double side = pen.tickSide();
        double across = Math.max(side + 1, stepWidth(area, flow, pen));
        double top = pen.tickTop(area.y());
        pen.words(flow.fill(label), area, pen.base(area.y()), pen.label());
        for (int i = 0; i < steps; i++) {
            double x = area.x() + words(flow, pen) + i * across;
            if (x + side > area.right() + 0.01) {
                return;
            }
            sign(i, x, top, side, pen);
        }
    }

    private void sign(int i, double x, double y, double side, StyledPen pen) {
        double r = side / 2;
        switch (sign) {
            case TICK -> pen.tick(x, y, side, Role.LINE);
            case STAR -> pen.tick(jorn.style.Details.Tick.STAR, x, y, side, Role.ACCENT);
            case HEART -> pen.tick(jorn.style.Details.Tick.HEART, x, y, side, Role.ACCENT);
            case NUMBER -> {
                pen.outline(
                        Pen.circle(x + r, y + r, r - 0.4), pen.style().lines().frame());
                Lettering as = pen.figure(TypeStep.NOTE).at(Align.CENTRE);
                pen.words(Integer.toString(i + 1), new Box(x, y, side, side), y + r + as.size() * 0.34, as);
            }
            case DROP -> pen.outline(
                    Path.builder()
                            .move(x + r, y)
                            .curve(x + r * 1.3, y + r * 0.6, x + r * 1.8, y + r * 0.9, x + r * 1.8, y + r * 1.3)
                            .curve(x + r * 1.8, y + side, x + r * 0.2, y + side, x + r * 0.2, y + r * 1.3)
                            .curve(x + r * 0.2, y + r * 0.9, x + r * 0.7, y + r * 0.6, x + r, y)
                            .close()
                            .build(),
                    pen.style().lines().frame().withRole(Role.ACCENT));
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        double side = pen.tickSide();
        double across = Math.max(side + 1, stepWidth(area, flow, pen));
        boolean one = sign == RatingSign.NUMBER;
        int marked = 1 + (steps + hand.below(steps)) / 2;
        for (int i = one ? marked - 1 : 0; i < Math.min(steps, marked); i++) {
            hand.hatch(new Box(area.x() + words(flow, pen) + i * across, pen.tickTop(area.y()), side, side).inset(1.5));
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        StyledPen pen = StyledPen.measuring(flow);
        int there = (int) ((area.width() - words(flow, pen)) / (pen.tickSide() + 1));
        return there >= steps
                ? Optional.empty()
                : Optional.of(
                        there < 2
                                ? Lack.of(Message.of("block.rating.lack", steps, Math.max(0, there)))
                                : Lack.of(
                                        Message.of("block.rating.lack", steps, there),
                                        new Lack.Remedy(
                                                Message.of("block.rating.fewer", there),
                                                new Rating(label, there, sign))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step();
    }
}
