package jorn.block.days;

import java.time.DayOfWeek;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.calendar.MonthSheet;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * Small months to look up a date.
 *
 * @param months how many, 1 to 12
 * @param columns how many side by side, 1 to 6; fewer where they would be too small
 * @param first which month is the first, from the page's own: 0 that one, 1 the next, −1 the last; of a year's page its first
 */
public record LittleMonths(
        @Label("block.year-grid.months") Integer months,
        @Label("block.year-grid.side-by-side") Integer columns,
        @Label("block.month-grid.months-from") int first)
        implements Node {
    static final NodeKind<LittleMonths> KIND = NodeKind.of("little-months", LittleMonths.class)
            .filling()
            .called(m -> Wording.of(m.months == 12 ? "block.year-grid.year-at-glance" : "block.month-grid.small-month"))
            .offered(
                    "little-year",
                    Wording.of("block.year-grid.year-at-glance"),
                    Wording.of("block.year-grid.twelve-small-months"),
                    () -> new LittleMonths(12, 3, 0),
                    m -> m.months == 12)
            .offered(
                    "little-month",
                    Wording.of("block.month-grid.small-month"),
                    Wording.of("block.month-grid.look-up-date"),
                    () -> new LittleMonths(1, 1, 1),
                    m -> m.months != 12);

    private static final int LINES = 8;
    private static final double GAP = Length.mm(4).points();
    private static final int WEEK = 7;
    private static final double WHITE = 0.25;

    public LittleMonths {
        months = Limits.whole(months == null ? 12 : months, Wording.of("block.year-grid.months"), 1, 12);
        columns = Limits.whole(columns == null ? 3 : columns, Wording.of("block.year-grid.side-by-side"), 1, 6);
        first = Limits.whole(first, Wording.of("block.month-grid.months-from"), -24, 24);
    }

    /** The least width at which its figures can be read. */
    private static double least(Flow flow) {
        return flow.grid().type(TypeStep.NOTE) * 1.55 * WEEK;
    }

    /** Clear of what frames it above. */
    private static Box clear(Box area, Flow flow) {
        double white = flow.grid().step() * WHITE;
        return area.height() > 4 * white ? area.inset(white, 0, 0, 0) : area;
    }

    private int across(Box area, Flow flow) {
        int most = Math.max(1, (int) ((area.width() + GAP) / (least(flow) + GAP)));
        return Math.min(columns, most);
    }

    @Override
    public void draw(Box whole, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(whole)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Box area = clear(whole, flow);
        int across = across(area, flow);
        int down = (months + across - 1) / across;
        double w = (area.width() - GAP * (across - 1)) / across;
        double most = w * 0.92;
        double h = Math.min((area.height() - GAP * (down - 1)) / down, most);
        double spare = down < 2 ? 0 : Math.max(0, (area.height() - h * down) / (down - 1));
        double line = h / LINES;
        if (line < pen.size(TypeStep.NOTE) * 0.98) {
            return;
        }
        Optional<YearMonth> from = flow.date().map(d -> YearMonth.from(d).plusMonths(first));
        for (int i = 0; i < months; i++) {
            int index = i;
            int row = i / across;
            Box at = new Box(area.x() + i % across * (w + GAP), area.y() + row * (h + Math.max(GAP, spare)), w, h);
            month(at, from.map(f -> f.plusMonths(index)), i, flow, pen);
        }
    }

    private void month(Box at, Optional<YearMonth> month, int index, Flow flow, StyledPen pen) {
        double line = at.height() / LINES;
        double cell = at.width() / WEEK;
        double size =
                Math.max(Grid.SMALLEST_TYPE, Math.min(line * 0.72, Math.min(cell * 0.66, pen.size(TypeStep.TEXT))));
        Lettering title = pen.title().sized(Math.max(size, Math.min(line * 0.92, pen.size(TypeStep.STRONG))));
        boolean middle = pen.style().head().place() == jorn.style.HeadForm.HeadPlace.MIDDLE;
        String name = month.map(m -> flow.calendar().name(m.getMonth(), TextStyle.FULL_STANDALONE))
                .orElseGet(() -> months == 12
                        ? flow.calendar().name(java.time.Month.of(index + 1), TextStyle.FULL_STANDALONE)
                        : "");
        double base = at.y() + line * 0.78;
        if (name.isEmpty()) {
            pen.across(pen.style().lines().writing(), at.x(), at.right(), at.y() + line * 0.9);
        }
        pen.words(name, at, base, title.at(middle ? Align.CENTRE : Align.LEFT));
        Lettering as = pen.figure(TypeStep.NOTE).sized(size).at(Align.CENTRE);
        Optional<MonthSheet> sheet =
                month.map(m -> MonthSheet.of(m, flow.calendar().weeks()));
        for (int c = 0; c < WEEK; c++) {
            DayOfWeek day = flow.calendar().weeks().column(c);
            boolean weekend = CountBy.isWeekend(day);
            double x = at.x() + c * cell;
            Lettering head = as.in(pen.ink(Role.ACCENT));
            pen.words(
                    flow.calendar().name(day, TextStyle.NARROW_STANDALONE),
                    new Box(x, at.y(), cell, line),
                    base + line,
                    head);
            for (int r = 0; r < MonthSheet.ROWS; r++) {
                double y = at.y() + (r + 2) * line;
                if (sheet.isEmpty()) {
                    pen.across(
                            pen.style().lines().writing().withKind(Rule.LineKind.SOLID),
                            x + cell * 0.2,
                            x + cell * 0.8,
                            y + line * 0.82);
                } else if (sheet.get().isInside(r, c)) {
                    pen.words(
                            Integer.toString(sheet.get().day(r, c).getDayOfMonth()),
                            new Box(x, y, cell, line),
                            y + line * 0.78,
                            weekend ? as.in(pen.ink(Role.HEADING)) : as);
                }
            }
        }
        pen.across(pen.style().lines().frame(), at.x(), at.right(), at.y() + line * 2);
    }

    @Override
    public Optional<Lack> lack(Box whole, Flow flow) {
        Box area = clear(whole, flow);
        int across = across(area, flow);
        int down = (months + across - 1) / across;
        double least = flow.grid().type(TypeStep.NOTE) * 0.98 * LINES;
        boolean fits = (area.height() - GAP * (down - 1)) / down >= least && area.width() >= least(flow);
        if (fits) {
            return Optional.empty();
        }
        int there = Math.max(1, across * (int) ((area.height() + GAP) / (least + GAP)));
        return Optional.of(Lack.of(
                Message.of("block.little-months.lack", months, Math.min(months - 1, there)),
                new Lack.Remedy(
                        Message.of("block.little-months.fewer", Math.max(1, Math.min(months, there))),
                        new LittleMonths(Math.max(1, Math.min(months, there)), columns, first))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        double w = (width - GAP * (columns - 1)) / columns;
        int down = (months + columns - 1) / columns;
        return Math.max(least(flow) * 0.8, Math.min(w * 0.8, flow.grid().step() * 8)) * down;
    }
}
