package jorn.block.days;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.calendar.MonthSheet;
import jorn.calendar.WeekRule;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.DayForm.Badge;
import jorn.style.DayForm.DayHolder;
import jorn.style.Details.Tint;
import jorn.style.LetterForm;
import jorn.style.Rule;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * A month in columns of equal width and six rows, so that every month fits and looks alike. Undated, each day has room to write
 * its number in.
 *
 * @param columns which days of the week
 * @param weekNumbers whether the number of each week stands before it
 * @param neighbours whether days of the neighbouring months are shown
 * @param last title of a further column of the same width; absent for none
 */
public record MonthPage(
        @Label("block.month-grid.daycolumns") MonthColumns columns,
        @Label("block.month-grid.week-numbers") boolean weekNumbers,
        @Label("block.month-grid.neighbours-days") boolean neighbours,
        @Label(value = "block.month-page.last", onPage = true) Optional<String> last)
        implements Node {
    /** Which days of the week. */
    public enum MonthColumns {
        ALL(0, 7),
        FIRST_FOUR(0, 4),
        LAST_THREE(4, 7);

        private final int from;
        private final int to;

        MonthColumns(int from, int to) {
            this.from = from;
            this.to = to;
        }
    }

    static final NodeKind<MonthPage> KIND = NodeKind.of("month-page", MonthPage.class)
            .filling()
            .offered(
                    "month-page",
                    Wording.of("block.month-grid.month"),
                    Wording.of("block.month-grid.six-rows-days-write"),
                    () -> new MonthPage(MonthColumns.ALL, false, true, Optional.empty()));

    private static final int ROWS = MonthSheet.ROWS;

    public MonthPage {
        columns = columns == null ? MonthColumns.ALL : columns;
        last = last == null ? Optional.empty() : last;
    }

    private int days() {
        return columns.to - columns.from;
    }

    private int fields() {
        return days() + (last.isPresent() ? 1 : 0);
    }

    private boolean cells(StyledPen pen) {
        return pen.style().days().holder() == DayHolder.PANEL;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double step = pen.step();
        int there = flow.grid().rowsIn(area.height());
        int each = (there - 1) / ROWS;
        if (each < 1) {
            return;
        }
        double top = area.y() + (there - 1 - each * ROWS) * step;
        Box grid = new Box(area.x(), top + step, area.width(), each * ROWS * step);
        double w = grid.width() / fields();
        Optional<YearMonth> month = flow.date().map(YearMonth::from);
        Optional<MonthSheet> sheet =
                month.map(m -> MonthSheet.of(m, flow.calendar().weeks()));
        for (int c = 0; c < days(); c++) {
            DayOfWeek day = flow.calendar().weeks().column(columns.from + c);
            Box head = new Box(grid.x() + c * w, top, w, step);
            names(day, head, flow, pen);
            boolean weekend = CountBy.isWeekend(day) && pen.style().details().tint() == Tint.WEEKEND;
            if (weekend && !cells(pen)) {
                pen.fill(Path.box(new Box(grid.x() + c * w, grid.y(), w, grid.height())), pen.ink(Role.TINT));
            }
            for (int r = 0; r < ROWS; r++) {
                Box cell = new Box(grid.x() + c * w, grid.y() + r * each * step, w, each * step);
                day(cell, r, columns.from + c, sheet, flow, pen);
            }
        }
        last.ifPresent(title -> notes(title, grid, w, each, top, flow, pen));
        if (!cells(pen)) {
            lines(grid, w, each * step, pen);
        }
        sheet.filter(s -> weekNumbers).ifPresent(s -> weeks(s, grid, w, each * step, flow, pen));
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        double step = pen.step();
        int there = flow.grid().rowsIn(area.height());
        int each = (there - 1) / ROWS;
        if (each < 2) {
            return;
        }
        double top = area.y() + (there - each * ROWS) * step;
        double w = area.width() / fields();
        Optional<MonthSheet> sheet = flow.date()
                .map(YearMonth::from)
                .map(m -> MonthSheet.of(m, flow.calendar().weeks()));
        int number = 1;
        for (int r = 0; r < ROWS; r++) {
            for (int c = 0; c < days(); c++) {
                int column = columns.from + c;
                boolean inside = sheet.isPresent() ? sheet.get().isInside(r, column) : number <= 31;
                double x = area.x() + c * w;
                double y = top + r * each * step;
                if (inside && sheet.isEmpty()) {
                    hand.write(Integer.toString(number), new Box(x + 2, y, w, step), y + step * 0.8);
                    number++;
                }
                if (inside && hand.below(3) == 0) {
                    hand.note("appointment", new Box(x + 2, y + step, w - 4, step), y + step * 1.85);
                }
            }
        }
        if (last.isPresent()) {
            Box notes = new Box(area.right() - w + step * 0.3, top, w - step * 0.6, step);
            hand.lines("notes", notes, top, each * 2);
        }
    }

    private void names(DayOfWeek day, Box head, Flow flow, StyledPen pen) {
        Lettering as = DayBadge.name(pen).at(Align.CENTRE);
        List<String> forms = new ArrayList<>();
        // One form on the whole page: the longest that fits in every column.
        TextStyle[] styles = {TextStyle.FULL_STANDALONE, TextStyle.SHORT_STANDALONE, TextStyle.NARROW_STANDALONE};
        for (TextStyle style : styles) {
            double widest = 0;
            for (DayOfWeek each : DayOfWeek.values()) {
                widest = Math.max(widest, pen.width(flow.calendar().name(each, style), as));
            }
            if (widest <= head.width() - 3) {
                forms.add(flow.calendar().name(day, style));
            }
        }
        forms.add(flow.calendar().name(day, TextStyle.NARROW_STANDALONE));
        pen.words(forms.get(0), head, pen.base(head.y()), as);
    }

    private void lines(Box grid, double w, double h, StyledPen pen) {
        Rule frame = pen.style().lines().frame();
        boolean upright = pen.style().boxes().frame() != jorn.style.BoxForm.BoxFrame.OPEN;
        for (int r = 0; r <= ROWS; r++) {
            boolean edge = r == 0;
            pen.across(edge ? headRule(pen) : frame, grid.x(), grid.right(), grid.y() + r * h);
        }
        for (int c = upright ? 0 : 1; c <= fields() - (upright ? 0 : 1); c++) {
            pen.down(upright ? frame : pen.style().lines().writing(), grid.x() + c * w, grid.y(), grid.bottom());
        }
    }

    private static Rule headRule(StyledPen pen) {
        Rule head = pen.style().lines().head();
        return head.kind() == Rule.LineKind.DOUBLE ? head.withKind(Rule.LineKind.SOLID) : head;
    }

    private void day(Box cell, int r, int c, Optional<MonthSheet> sheet, Flow flow, StyledPen pen) {
        boolean inside = sheet.map(s -> s.isInside(r, c)).orElse(true);
        if (cells(pen)) {
            Box own = cell.inset(1.4);
            Role role = DayBadge.turn(r);
            pen.fill(Path.rounded(own, pen.corner() * 0.6), inside ? pen.tint(role) : pen.ink(Role.TINT));
            pen.fill(
                    Path.rounded(
                            own.inset(Math.min(pen.step() * 0.82, own.height() * 0.5), 1.6, 1.6, 1.6),
                            pen.corner() * 0.4),
                    Ink.WHITE);
        }
        if (sheet.isEmpty()) {
            blank(cell, pen);
            return;
        }
        if (!inside && !neighbours) {
            return;
        }
        LocalDate day = sheet.get().day(r, c);
        figure(Integer.toString(day.getDayOfMonth()), cell, inside, r, pen);
        notes(flow.calendar().notes(day), cell, pen);
    }

    private static void blank(Box cell, StyledPen pen) {
        double side = pen.step() * 0.62;
        double x = cell.x() + pen.step() * 0.16;
        double y = cell.y() + pen.step() * 0.16;
        Rule rule = pen.style().lines().writing().withKind(Rule.LineKind.SOLID);
        switch (pen.style().days().badge()) {
            case CIRCLE, DISC -> {
                Path ring = Pen.circle(x + side / 2, y + side / 2, side / 2);
                pen.fill(ring, Ink.WHITE);
                pen.outline(ring, rule);
            }
            case TAB, LARGE -> {
                pen.across(rule, cell.x(), cell.x() + side + 3, cell.y() + side + 3);
                pen.down(rule, cell.x() + side + 3, cell.y(), cell.y() + side + 3);
            }
            default -> {
                // White: the number is written in the corner.
            }
        }
    }

    private static void figure(String number, Box cell, boolean inside, int turn, StyledPen pen) {
        Badge badge = pen.style().days().badge();
        Lettering as = pen.figure(inside ? TypeStep.STRONG : TypeStep.LABEL);
        double pad = pen.step() * 0.2;
        double base = cell.y() + pen.step() * 0.2 + as.size() * 0.76;
        if (!inside) {
            pen.words(number, cell.inset(0, pad, 0, pad), base, as.in(pen.ink(Role.LINE)));
            return;
        }
        double r = Math.min(pen.step() * 0.36, cell.width() * 0.24);
        double cx = cell.x() + pad * 0.7 + r;
        double cy = cell.y() + pad * 0.7 + r;
        Lettering small = pen.figure(TypeStep.LABEL).at(Align.CENTRE);
        switch (badge) {
            case CIRCLE -> {
                pen.outline(Pen.circle(cx, cy, r), pen.style().lines().frame());
                pen.words(number, new Box(cx - r, cy - r, 2 * r, 2 * r), cy + small.size() * 0.34, small);
            }
            case DISC -> {
                boolean panel = pen.style().days().holder() == DayHolder.PANEL;
                Ink ink = panel ? pen.ink(DayBadge.turn(turn)) : pen.ink(Role.ACCENT);
                pen.words(number, cell.inset(0, pad, 0, pad), base, as.in(ink).in(Style.BOLD));
            }
            case TAB -> {
                double side = small.size() * 1.5;
                pen.fill(Path.box(new Box(cell.x(), cell.y(), side, side)), pen.ink(Role.TEXT));
                pen.words(
                        number,
                        new Box(cell.x(), cell.y(), side, side),
                        cell.y() + side / 2 + small.size() * 0.34,
                        small.in(Ink.WHITE));
            }
            case COLUMN -> pen.words(number, cell.inset(0, pad, 0, pad), base, as.at(Align.RIGHT));
            case LARGE -> {
                Lettering big = pen.figure(TypeStep.FIGURE);
                pen.words(number, cell.inset(0, pad, 0, pad), cell.y() + pad + big.size() * 0.76, big);
            }
            default -> pen.words(number, cell.inset(0, pad, 0, pad), base, as);
        }
    }

    private static void notes(List<String> notes, Box cell, StyledPen pen) {
        double size = pen.size(TypeStep.NOTE);
        Lettering as =
                new Lettering(Voice.BODY, Style.ITALIC, size, LetterForm.AS_WRITTEN, Align.LEFT, pen.ink(Role.ACCENT));
        double y = cell.bottom() - 3.2;
        for (int i = notes.size() - 1; i >= 0 && y - size > cell.y() + pen.step() * 0.9; i--) {
            pen.words(notes.get(i), cell.inset(0, 3, 0, 3.4), y, as);
            y -= size * 1.15;
        }
    }

    private void notes(String title, Box grid, double w, int each, double top, Flow flow, StyledPen pen) {
        double step = pen.step();
        Box column = new Box(grid.right() - w, grid.y(), w, grid.height());
        pen.words(
                flow.fill(title),
                new Box(column.x(), top, w, step),
                pen.base(top),
                DayBadge.name(pen).at(Align.CENTRE));
        double pad = step * 0.3;
        if (cells(pen)) {
            Box own = column.inset(1.4);
            pen.fill(Path.rounded(own, pen.corner() * 0.6), pen.ink(Role.TINT));
        }
        pen.writing(column.x() + pad, column.right() - pad, column.y(), each * ROWS - 1);
    }

    /** In the foot of each week's first day, so that all days are equally wide. */
    private static void weeks(MonthSheet sheet, Box grid, double w, double h, Flow flow, StyledPen pen) {
        Lettering as = pen.label().sized(pen.size(TypeStep.NOTE)).at(Align.RIGHT);
        WeekRule weeks = flow.calendar().weeks();
        for (int r = 0; r < sheet.rowsInUse(); r++) {
            double y = grid.y() + r * h;
            pen.words(
                    flow.fill("@week-short").replace("{0}", Integer.toString(weeks.number(sheet.day(r, 0)))),
                    new Box(grid.x(), y, w - 4, h),
                    y + pen.step() * 0.2 + as.size() * 0.76,
                    as);
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        return (there - 1) / ROWS >= 1
                ? Optional.empty()
                : Optional.of(Lack.of(Message.of("block.month-page.lack", ROWS + 1, there)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * (1 + ROWS * 2);
    }
}
