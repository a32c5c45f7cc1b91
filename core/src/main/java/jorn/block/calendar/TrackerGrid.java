package jorn.block.calendar;

import java.time.YearMonth;
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
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Rows to name, and a small box for each day of the month.
 *
 * @param rows how many things are tracked, 1 to 40
 * @param columns how many boxes; 0 for the days of the occasion's month, 31 where undated
 * @param round whether the boxes are circles
 */
public record TrackerGrid(
        @Label("block.tracker-grid.things-tracked") @Required int rows,
        @Label("block.tracker-grid.boxes-days") int columns,
        @Label("block.tracker-grid.round-boxes") boolean round)
        implements Node {
    static final NodeKind<TrackerGrid> KIND = NodeKind.of("tracker", TrackerGrid.class)
            .filling()
            .offered(
                    "tracker",
                    Wording.of("block.tracker-grid.habit-grid"),
                    Wording.of("block.tracker-grid.box-for-each-day"),
                    () -> new TrackerGrid(8, 0, false));

    public TrackerGrid {
        rows = Limits.whole(rows, Wording.of("block.tracker-grid.things-tracked"), 1, 40);
        columns = Limits.whole(columns, Wording.of("block.tracker-grid.boxes"), 0, 62);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        int n = columns > 0
                ? columns
                : flow.date().map(d -> YearMonth.from(d).lengthOfMonth()).orElse(31);
        double label = area.width() * (n > 12 ? 0.24 : 0.35);
        double head = 11;
        double cell = Math.min((area.width() - label) / n, 24);
        double step = Math.max(0, area.height() - head) / rows;
        double side = Math.min(cell, step) * 0.84;
        double x0 = area.right() - n * cell;
        for (int c = 0; c < n; c++) {
            Box at = new Box(x0 + c * cell, area.y(), cell, head);
            pen.words(
                    Integer.toString(c + 1),
                    at,
                    area.y() + 7,
                    Math.min(7, cell * 0.62),
                    Voice.FIGURES,
                    Style.REGULAR,
                    Role.TEXT,
                    Align.CENTRE);
        }
        for (int r = 0; r < rows; r++) {
            double cy = area.y() + head + (r + 0.5) * step;
            pen.line(area.x(), cy + side / 2, x0 - 6, cy + side / 2, 0.45, Role.SOFT_LINE);
            for (int c = 0; c < n; c++) {
                double cx = x0 + (c + 0.5) * cell;
                if (round) {
                    pen.circle(cx, cy, side / 2, 0.5, Role.LINE);
                } else {
                    pen.box(new Box(cx - side / 2, cy - side / 2, side, side), 0.5, Role.LINE);
                }
            }
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 11 + rows * 12.0;
    }
}
