package jorn.block.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.calendar.Span;
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
 * Rows to name, and a small box for each day of the week or month, or each month of the year.
 *
 * @param rows how many things are tracked, 1 to 40
 * @param columns how many boxes; 0 for as many as what the page stands for has: the days of its week or month, the months of its year,
 *     the weeks of its quarter; 31 where it stands for nothing
 * @param round whether the boxes are circles
 */
public record TrackerGrid(
        @Label("block.tracker-grid.things-tracked") @Required int rows,
        @Label("block.tracker-grid.boxes-days") int columns,
        @Label("block.tracker-grid.round-boxes") boolean round)
        implements Node {
    private static final int WEEKS_OF_A_QUARTER = 13;

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
        List<String> heads = heads(flow);
        int n = heads.size();
        double label = area.width() * (n > 12 ? 0.24 : 0.35);
        double head = 11;
        double cell = Math.min((area.width() - label) / n, 24);
        double step = Math.max(0, area.height() - head) / rows;
        double side = Math.min(cell, step) * 0.84;
        double x0 = area.right() - n * cell;
        for (int c = 0; c < n; c++) {
            Box at = new Box(x0 + c * cell, area.y(), cell, head);
            pen.words(
                    heads.get(c),
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

    /** What stands over each column of boxes. */
    private List<String> heads(Flow flow) {
        if (columns > 0) {
            return counted(columns);
        }
        Optional<LocalDate> from = flow.date();
        Span span = flow.span().orElse(Span.MONTH);
        if (span == Span.WEEK || span == Span.DAY) {
            return days(from, span == Span.WEEK ? 7 : 1, flow);
        }
        if (span == Span.YEAR) {
            return IntStream.range(0, 12)
                    .mapToObj(m -> Month.JANUARY
                            .plus(from.map(d -> d.getMonthValue() - 1).orElse(0) + m)
                            .getDisplayName(
                                    TextStyle.NARROW_STANDALONE, flow.calendar().locale()))
                    .toList();
        }
        return counted(
                span == Span.QUARTER
                        ? WEEKS_OF_A_QUARTER
                        : from.map(d -> YearMonth.from(d).lengthOfMonth()).orElse(31));
    }

    private static List<String> counted(int n) {
        return IntStream.rangeClosed(1, n).mapToObj(Integer::toString).toList();
    }

    /** The days' letters, with their dates where there are any. */
    private static List<String> days(Optional<LocalDate> from, int n, Flow flow) {
        DayOfWeek first =
                from.map(LocalDate::getDayOfWeek).orElse(flow.calendar().weeks().first());
        return IntStream.range(0, n)
                .mapToObj(d -> {
                    String letter = first.plus(d)
                            .getDisplayName(
                                    TextStyle.NARROW_STANDALONE, flow.calendar().locale());
                    return from.map(f -> letter + " " + f.plusDays(d).getDayOfMonth())
                            .orElse(letter);
                })
                .toList();
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 11 + rows * 12.0;
    }
}
