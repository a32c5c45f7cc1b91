package jorn.block.form;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
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
 * Lines with something to tick before each, and if wanted a word on each or its number.
 *
 * @param count how many; 0 for as many as there is room for
 * @param columns how many side by side, 1 to 4
 * @param words what stands on the lines, in order; may be empty
 * @param numbered whether a number stands in the style's badge instead of something to tick
 */
public record TickList(
        @Label("block.tick-list.count") int count,
        @Label("block.tick-list.columns") Integer columns,
        @Label(value = "block.tick-list.words", onPage = true) List<String> words,
        @Label("block.tick-list.numbered") boolean numbered)
        implements Node {
    static final NodeKind<TickList> KIND = NodeKind.of("ticks", TickList.class)
            .filling()
            .offered(
                    "ticks",
                    Wording.of("block.tick-list.name"),
                    Wording.of("block.tick-list.says"),
                    () -> new TickList(0, 1, List.of(), false),
                    t -> !t.numbered)
            .offered(
                    "numbered",
                    Wording.of("block.tick-list.numbered-lines"),
                    Wording.of("block.tick-list.numbered-says"),
                    () -> new TickList(3, 1, List.of(), true),
                    t -> t.numbered);

    private static final double GAP = 0.8;

    public TickList {
        count = Limits.whole(count, Wording.of("block.tick-list.count"), 0, 200);
        columns = Limits.whole(columns == null ? 1 : columns, Wording.of("block.tick-list.columns"), 1, 4);
        words = words == null ? List.of() : List.copyOf(words);
    }

    private int wanted() {
        return Math.max(count, words.size());
    }

    private int rows() {
        return (wanted() + columns - 1) / columns;
    }

    /** How many rows each column has. */
    private int rowsIn(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        return wanted() == 0 ? there : Math.min(there, rows());
    }

    /** Where the lines lie, column by column. */
    private List<Box> cells(Box area, Flow flow) {
        double step = flow.grid().step();
        int rows = rowsIn(area, flow);
        double gap = step * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        int there = rows * columns;
        return IntStream.range(0, wanted() == 0 ? there : Math.min(there, wanted()))
                .mapToObj(i ->
                        new Box(area.x() + Math.floorDiv(i, rows) * (w + gap), area.y() + i % rows * step, w, step))
                .toList();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        List<Box> cells = cells(area, flow);
        for (int i = 0; i < cells.size(); i++) {
            line(i, cells.get(i).x(), cells.get(i).y(), cells.get(i).width(), pen, flow);
        }
    }

    private void line(int i, double x, double y, double w, StyledPen pen, Flow flow) {
        double side = pen.tickSide();
        double top = pen.tickTop(y);
        if (numbered) {
            double r = side / 2;
            pen.outline(Pen.circle(x + r, top + r, r - 0.4), pen.style().lines().frame());
            Lettering as = pen.figure(TypeStep.NOTE).at(Align.CENTRE);
            pen.words(Integer.toString(i + 1), new Box(x, top, side, side), top + r + as.size() * 0.34, as);
        } else {
            pen.tick(x, top, side, Role.LINE);
        }
        double from = x + side + pen.step() * 0.3;
        if (i < words.size()) {
            pen.words(
                    flow.fill(words.get(i)), Box.orEmpty(from, y, x + w - from, pen.step()), pen.base(y), pen.label());
        }
        pen.across(pen.style().lines().writing(), from, x + w, y + pen.step());
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        double side = pen.tickSide();
        int rows = rowsIn(area, flow);
        List<Box> cells = cells(area, flow);
        for (int i = 0; i < cells.size(); i++) {
            Box cell = cells.get(i);
            boolean bare = i >= words.size();
            // Nobody fills a list to its end.
            if (bare && i % rows >= Math.ceil(rows * 0.7)) {
                continue;
            }
            if (bare) {
                double from = cell.x() + side + pen.step() * 0.3;
                Box line = Box.orEmpty(from, cell.y(), cell.right() - from, pen.step());
                hand.note(hand.about(), line, pen.base(cell.y()));
            }
            if (!numbered && hand.below(5) > 1) {
                hand.tick(cell.x(), pen.tickTop(cell.y()), side);
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        if (there >= Math.max(1, rows())) {
            return Optional.empty();
        }
        Message says = Message.of("block.tick-list.lack", Math.max(1, wanted()), there * columns);
        return Optional.of(
                columns < 3
                        ? Lack.of(
                                says,
                                new Lack.Remedy(
                                        Message.of("block.tick-list.more-columns"),
                                        new TickList(count, columns + 1, words, numbered)))
                        : Lack.of(says));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(1, rows()) * flow.grid().step();
    }
}
