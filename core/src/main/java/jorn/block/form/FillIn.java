package jorn.block.form;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * Labels with lines to write on behind them, in one row or several: "Date ____  Place ____".
 *
 * @param labels at least one; may hold fields
 * @param columns how many side by side, 1 to 4
 */
public record FillIn(
        @Label(value = "block.fill-in.labels", onPage = true) @Required List<String> labels,
        @Label("block.fill-in.columns") Integer columns)
        implements Node {
    static final NodeKind<FillIn> KIND = NodeKind.of("fill-in", FillIn.class)
            .offered(
                    "fill-in",
                    Wording.of("block.fill-in.name"),
                    Wording.of("block.fill-in.says"),
                    () -> new FillIn(List.of("@date"), 1));

    private static final int MOST = 24;
    private static final double GAP = 0.8;
    private static final double SHORTEST = 1.6;

    public FillIn {
        labels = List.copyOf(labels);
        columns = Limits.whole(columns == null ? 1 : columns, Wording.of("block.fill-in.columns"), 1, 4);
        if (labels.isEmpty() || labels.size() > MOST) {
            throw Trouble.of("block.fill-in.bad-count", labels.size(), MOST);
        }
    }

    private int rows() {
        return (labels.size() + columns - 1) / columns;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double gap = pen.step() * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        for (int i = 0; i < labels.size(); i++) {
            double y = area.y() + i / columns * pen.step();
            if (y + pen.step() > area.bottom() + 0.01) {
                return;
            }
            double x = area.x() + i % columns * (w + gap);
            double used = pen.words(
                    flow.fill(labels.get(i)), new Box(x, y, w - pen.step(), pen.step()), pen.base(y), pen.label());
            double from = x + used + (used > 0 ? pen.step() * 0.35 : 0);
            pen.across(pen.style().lines().writing(), from, x + w, y + pen.step());
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        double gap = pen.step() * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        for (int i = 0; i < labels.size(); i++) {
            double y = area.y() + Math.floorDiv(i, columns) * pen.step();
            double x = area.x() + i % columns * (w + gap);
            double used = pen.width(flow.fill(labels.get(i)), pen.label()) + pen.step() * 0.45;
            if (y + pen.step() <= area.bottom() + 0.01) {
                hand.note(labels.get(i), Box.orEmpty(x + used, y, w - used, pen.step()), pen.base(y));
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        StyledPen pen = StyledPen.measuring(flow);
        double w = (area.width() - pen.step() * GAP * (columns - 1)) / columns;
        boolean tight = labels.stream().anyMatch(l -> pen.width(flow.fill(l), pen.label()) + pen.step() * SHORTEST > w);
        return tight && columns > 1
                ? Optional.of(Lack.of(
                        Message.of("block.fill-in.lack"),
                        new Lack.Remedy(Message.of("block.fill-in.fewer-columns"), new FillIn(labels, columns - 1))))
                : Optional.empty();
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return rows() * flow.grid().step();
    }
}
