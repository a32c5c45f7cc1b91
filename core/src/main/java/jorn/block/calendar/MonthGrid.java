package jorn.block.calendar;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.calendar.MonthSheet;
import jorn.calendar.WeekRule;
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
 * A month in seven columns and six rows, so that every month fits. Undated, each cell has a circle to write the day in.
 *
 * @param small a small month without room to write
 * @param weekNumbers whether the number of each week stands before it
 * @param neighbours whether days of the neighbouring months are shown
 * @param month which month from the occasion's: 0 this one, 1 the next, −1 the last
 * @param days all days of the week, or those for one of two facing pages
 */
public record MonthGrid(
        @Label("block.month-grid.small-look-up") boolean small,
        @Label("block.month-grid.week-numbers") boolean weekNumbers,
        @Label("block.month-grid.neighbours-days") boolean neighbours,
        @Label("block.month-grid.months-from") int month,
        @Label("block.month-grid.daycolumns") DayColumns days)
        implements Node {
    static final NodeKind<MonthGrid> KIND = NodeKind.of("month", MonthGrid.class)
            .filling()
            .offered(
                    "month",
                    Wording.of("block.month-grid.month"),
                    Wording.of("block.month-grid.six-rows-days-write"),
                    () -> new MonthGrid(false, false, true, 0),
                    m -> !m.small)
            .offered(
                    "small-month",
                    Wording.of("block.month-grid.small-month"),
                    Wording.of("block.month-grid.look-up-date"),
                    () -> new MonthGrid(true, false, false, 0),
                    m -> m.small);

    /** Which columns are shown. */
    public enum DayColumns {
        ALL("all", 0, 7),
        FIRST_FOUR("first-four", 0, 4),
        LAST_THREE("last-three", 4, 7);

        private final String id;
        private final int from;
        private final int to;

        DayColumns(String id, int from, int to) {
            this.id = id;
            this.from = from;
            this.to = to;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public MonthGrid(boolean small, boolean weekNumbers, boolean neighbours, int month) {
        this(small, weekNumbers, neighbours, month, DayColumns.ALL);
    }

    public MonthGrid {
        days = days == null ? DayColumns.ALL : days;
        month = Limits.whole(month, Wording.of("block.month-grid.months-from"), -24, 24);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Optional<YearMonth> shown = flow.date().map(d -> YearMonth.from(d).plusMonths(month));
        draw(area, flow, out, shown);
    }

    /** Draws a given month, or an undated one. */
    void draw(Box area, Flow flow, List<Mark> out, Optional<YearMonth> shown) {
        Pen pen = new Pen(flow, out);
        WeekRule weeks = flow.calendar().weeks();
        double numbers = weekNumbers ? Math.min(18, area.width() * 0.07) : 0;
        double head = small ? area.height() / 8 : Math.min(16, area.height() / 8);
        double titled = 0;
        if (small) {
            titled = area.height() / 8;
            String name = shown.map(m -> flow.calendar().name(m.getMonth(), TextStyle.FULL_STANDALONE))
                    .orElse("");
            if (name.isEmpty()) {
                double y = area.y() + titled * 0.75;
                pen.line(area.x() + area.width() * 0.2, y, area.right() - area.width() * 0.2, y, 0.45, Role.LINE);
            }
            pen.words(
                    name,
                    area,
                    area.y() + titled * 0.75,
                    titled * 0.85,
                    Voice.HEADING,
                    Style.BOLD,
                    Role.HEADING,
                    Align.CENTRE);
        }
        Box grid = area.inset(titled + head, 0, 0, numbers);
        double w = grid.width() / (days.to - days.from);
        double h = grid.height() / MonthSheet.ROWS;
        for (int c = days.from; c < days.to; c++) {
            Box cell = new Box(grid.x() + (c - days.from) * w, area.y() + titled, w, head);
            TextStyle style = small || w < 46
                    ? TextStyle.NARROW_STANDALONE
                    : w < 80 ? TextStyle.SHORT_STANDALONE : TextStyle.FULL_STANDALONE;
            String day = flow.calendar().name(weeks.column(c), style);
            pen.words(
                    day,
                    cell,
                    cell.y() + head * 0.7,
                    Math.min(9.5, head * 0.62),
                    Voice.BODY,
                    Style.BOLD,
                    Role.TEXT,
                    Align.CENTRE);
        }
        if (!small) {
            lines(pen, grid, w, h);
        }
        for (int r = 0; r < MonthSheet.ROWS; r++) {
            for (int c = days.from; c < days.to; c++) {
                cell(pen, flow, shown, r, c, new Box(grid.x() + (c - days.from) * w, grid.y() + r * h, w, h));
            }
            if (weekNumbers
                    && shown.isPresent()
                    && r < MonthSheet.of(shown.get(), weeks).rowsInUse()) {
                LocalDate first = MonthSheet.of(shown.get(), weeks).day(r, 0);
                Box at = Box.orEmpty(area.x(), grid.y() + r * h, numbers - 3, h);
                pen.words(
                        Integer.toString(weeks.number(first)),
                        at,
                        at.y() + h / 2 + 2.5,
                        Math.min(7.5, h * 0.6),
                        Voice.FIGURES,
                        Style.REGULAR,
                        Role.LINE,
                        Align.RIGHT);
            }
        }
    }

    private void lines(Pen pen, Box grid, double w, double h) {
        for (int r = 0; r <= MonthSheet.ROWS; r++) {
            pen.line(grid.x(), grid.y() + r * h, grid.right(), grid.y() + r * h, 0.5, Role.LINE);
        }
        for (int c = 0; c <= days.to - days.from; c++) {
            pen.line(grid.x() + c * w, grid.y(), grid.x() + c * w, grid.bottom(), 0.5, Role.LINE);
        }
    }

    private void cell(Pen pen, Flow flow, Optional<YearMonth> shown, int r, int c, Box cell) {
        if (shown.isEmpty()) {
            if (small) {
                pen.box(cell.inset(0.8), 0.35, Role.SOFT_LINE);
            } else {
                double radius = Math.min(7, Math.min(cell.width(), cell.height()) * 0.2);
                pen.circle(cell.x() + radius + 3, cell.y() + radius + 3, radius, 0.5, Role.SOFT_LINE);
            }
            return;
        }
        MonthSheet sheet = MonthSheet.of(shown.get(), flow.calendar().weeks());
        boolean inside = sheet.isInside(r, c);
        if (!inside && (!neighbours || small)) {
            return;
        }
        LocalDate day = sheet.day(r, c);
        String number = Integer.toString(day.getDayOfMonth());
        if (small) {
            double size = Math.min(cell.height() * 0.68, cell.width() * 0.6);
            pen.words(
                    number,
                    cell,
                    cell.y() + cell.height() * 0.72,
                    size,
                    Voice.FIGURES,
                    Style.REGULAR,
                    Role.TEXT,
                    Align.CENTRE);
            return;
        }
        double size = Math.min(11, cell.height() * 0.4);
        Box at = cell.inset(2, 3, 2, 3);
        pen.words(
                number,
                at,
                at.y() + size * 0.8,
                size,
                Voice.FIGURES,
                inside ? Style.BOLD : Style.REGULAR,
                inside ? Role.TEXT : Role.LINE,
                Align.LEFT);
        List<String> notes = flow.calendar().notes(day);
        double y = cell.bottom() - 3;
        for (int i = notes.size() - 1; i >= 0 && y > cell.y() + size + 6; i--) {
            pen.words(notes.get(i), at, y, 6.5, Voice.BODY, Style.ITALIC, Role.ACCENT, Align.LEFT);
            y -= 7.5;
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return small ? width * 0.9 : width * 0.6;
    }
}
