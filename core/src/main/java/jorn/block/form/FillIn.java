package jorn.block.form;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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

    /** Where each label with its line lies; only those for which there is height. */
    private List<Box> cells(Box area, double step) {
        double gap = step * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        return IntStream.range(0, labels.size())
                .mapToObj(i -> new Box(
                        area.x() + i % columns * (w + gap), area.y() + Math.floorDiv(i, columns) * step, w, step))
                .filter(cell -> cell.bottom() <= area.bottom() + 0.01)
                .toList();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        List<Box> cells = cells(area, pen.step());
        for (int i = 0; i < cells.size(); i++) {
            Box cell = cells.get(i);
            double used = pen.words(
                    flow.fill(labels.get(i)),
                    new Box(cell.x(), cell.y(), cell.width() - pen.step(), pen.step()),
                    pen.base(cell.y()),
                    pen.label());
            double from = cell.x() + used + (used > 0 ? pen.step() * 0.35 : 0);
            pen.across(pen.style().lines().writing(), from, cell.right(), cell.y() + pen.step());
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        List<Box> cells = cells(area, pen.step());
        for (int i = 0; i < cells.size(); i++) {
            Box cell = cells.get(i);
            double used = pen.width(flow.fill(labels.get(i)), pen.label()) + pen.step() * 0.45;
            Box line = Box.orEmpty(cell.x() + used, cell.y(), cell.width() - used, pen.step());
            hand.note(labels.get(i), line, pen.base(cell.y()));
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
