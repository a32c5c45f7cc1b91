package jorn.block.paper;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * A table with headings, and as many whole rows as fit.
 *
 * @param headings from left to right, 1 to 12
 * @param widths shares of the width, one for each heading; equal where absent
 * @param row height of a row
 * @param shaded whether every other row has a tint
 */
public record TableBlock(
        @Label(value = "block.table-block.headings", onPage = true) @Required List<String> headings,
        @Label("block.table-block.widths-shares") List<Double> widths,
        @Label("block.table-block.row-height") @Required Length row,
        @Label("block.table-block.every-other-shaded") boolean shaded)
        implements Node {
    static final NodeKind<TableBlock> KIND = NodeKind.of("table", TableBlock.class)
            .filling()
            .offered(
                    "table",
                    Wording.of("block.table-block.table"),
                    Wording.of("block.table-block.with-headings-your-own"),
                    () -> new TableBlock(List.of("@what", "@how-many", "@done"), List.of(), Length.mm(8), false));

    public TableBlock {
        row = Limits.step(row, Wording.of("block.table-block.row-height"));
        headings = List.copyOf(headings);
        List<Double> given = widths == null ? List.of() : List.copyOf(widths);
        if (headings.isEmpty() || headings.size() > 12) {
            throw Trouble.of("block.table-block.table-columns-cannot-drawn", headings.size());
        }
        widths = given.size() == headings.size() ? given : java.util.Collections.nCopies(headings.size(), 1.0);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double head = 16;
        double step = row.points();
        int rows = (int) Math.floor((area.height() - head) / step + 1e-6);
        if (rows < 1) {
            return;
        }
        double bottom = area.y() + head + rows * step;
        double whole = widths.stream().mapToDouble(d -> d).sum();
        if (shaded) {
            for (int r = 0; r < rows; r += 2) {
                pen.tint(new Box(area.x(), area.y() + head + r * step, area.width(), step), Role.TINT);
            }
        }
        double x = area.x();
        for (int c = 0; c < headings.size(); c++) {
            double w = area.width() * widths.get(c) / whole;
            pen.words(
                    flow.fill(headings.get(c)),
                    Box.orEmpty(x + 3, area.y(), w - 6, head),
                    area.y() + 11,
                    9,
                    Voice.BODY,
                    Style.BOLD,
                    Role.HEADING,
                    Align.LEFT);
            if (c > 0) {
                pen.line(x, area.y() + head, x, bottom, 0.4, Role.SOFT_LINE);
            }
            x += w;
        }
        pen.line(area.x(), area.y() + head, area.right(), area.y() + head, 0.9, Role.LINE);
        for (int r = 1; r <= rows; r++) {
            pen.line(
                    area.x(),
                    area.y() + head + r * step,
                    area.right(),
                    area.y() + head + r * step,
                    0.45,
                    r == rows ? Role.LINE : Role.SOFT_LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 16 + row.points() * 3;
    }
}
