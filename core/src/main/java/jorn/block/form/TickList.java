package jorn.block.form;

import java.util.List;
import java.util.Optional;
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

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        int there = flow.grid().rowsIn(area.height());
        int rows = wanted() == 0 ? there : Math.min(there, rows());
        double gap = pen.step() * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        for (int c = 0; c < columns; c++) {
            for (int r = 0; r < rows; r++) {
                int i = c * rows + r;
                if (wanted() > 0 && i >= wanted()) {
                    return;
                }
                line(i, area.x() + c * (w + gap), area.y() + r * pen.step(), w, pen, flow);
            }
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
        int there = flow.grid().rowsIn(area.height());
        int rows = wanted() == 0 ? there : Math.min(there, rows());
        double gap = pen.step() * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        int all = wanted() == 0 ? rows * columns : wanted();
        for (int i = 0; i < all; i++) {
            int c = Math.floorDiv(i, Math.max(1, rows));
            double x = area.x() + c * (w + gap);
            double y = area.y() + (i - c * rows) * pen.step();
            double side = pen.tickSide();
            boolean bare = i >= words.size();
            if (c >= columns
                    || y + pen.step() > area.bottom() + 0.01
                    || (bare && i - c * rows >= Math.ceil(rows * 0.7))) {
                continue;
            }
            if (bare) {
                double from = x + side + pen.step() * 0.3;
                hand.note(hand.about(), Box.orEmpty(from, y, x + w - from, pen.step()), pen.base(y));
            }
            if (!numbered && hand.below(5) > 1) {
                hand.tick(x, pen.tickTop(y), side);
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
