package jorn.block.days;

import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.calendar.MonthSheet;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Grid;
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
import jorn.style.Rule;

/**
 * A field for each day of the month to colour by mood or the like, with a key below: as weeks, or as a ring.
 *
 * @param ring whether they lie in a ring
 * @param key what the colours mean, 0 to 8
 */
public record ColourDays(
        @Label("block.colour-days.ring") boolean ring,
        @Label(value = "block.mood-ring.moods", onPage = true) List<String> key)
        implements Node {
    static final NodeKind<ColourDays> KIND = NodeKind.of("colour-days", ColourDays.class)
            .filling()
            .offered(
                    "colour-days",
                    Wording.of("block.colour-days.name"),
                    Wording.of("block.mood-ring.field-for-each-day"),
                    () -> new ColourDays(false, List.of("@bright", "@calm", "@tired", "@low")));

    private static final int MOST = 8;
    private static final int WEEK = 7;
    private static final double INNER = 0.52;
    private static final double KEY_WIDTH = 4.2;

    public ColourDays {
        key = key == null ? List.of() : List.copyOf(key.subList(0, Math.min(MOST, key.size())));
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        if (lack(area, flow).isPresent()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double step = pen.step();
        int days = flow.date().map(d -> YearMonth.from(d).lengthOfMonth()).orElse(31);
        int across = keyColumns(area, flow);
        int keyRows = keyRows(area, flow);
        int there = flow.grid().rowsIn(area.height());
        Box fields = room(area, flow);
        double end = ring ? ring(fields, days, pen) : weeks(fields, days, flow, pen);
        double top = area.y() + Math.min(there - keyRows, flow.grid().rowsFor(end - area.y()) + 1) * step;
        key(new Box(area.x(), top, area.width(), keyRows * step), across, flow, pen);
    }

    private int keyColumns(Box area, Flow flow) {
        return Math.max(
                1, Math.min(key.size(), (int) (area.width() / (flow.grid().step() * KEY_WIDTH))));
    }

    private int keyRows(Box area, Flow flow) {
        return key.isEmpty() ? 0 : (key.size() + keyColumns(area, flow) - 1) / keyColumns(area, flow);
    }

    /** The room above the key. */
    private Box room(Box area, Flow flow) {
        int keyRows = keyRows(area, flow);
        int rows = flow.grid().rowsIn(area.height()) - keyRows - (keyRows > 0 ? 1 : 0);
        return new Box(
                area.x(),
                area.y(),
                area.width(),
                Math.max(0, rows) * flow.grid().step());
    }

    /** Where the days' fields lie as weeks. */
    private record Fields(double left, double top, double w, double h, int lead) {
        Box of(int day) {
            int at = day + lead;
            return new Box(left + at % WEEK * w, top + Math.floorDiv(at, WEEK) * h, w, h).inset(1.3);
        }
    }

    private static Fields fields(Box room, int days, Flow flow, StyledPen pen) {
        int lead = flow.date()
                .map(d -> d.withDayOfMonth(1))
                .map(d -> Math.floorMod(
                        d.getDayOfWeek().getValue()
                                - flow.calendar().weeks().first().getValue(),
                        WEEK))
                .orElse(0);
        int rows = (lead + days + WEEK - 1) / WEEK;
        int tall = flow.grid().rowsIn(Math.min(room.height() / rows, room.width() / WEEK * 1.05));
        double h = Math.max(1, tall) * pen.step();
        double w = Math.min(room.width() / WEEK, h * 1.3);
        return new Fields(room.centreX() - w * WEEK / 2, room.y(), w, h, lead);
    }

    private static double weeks(Box room, int days, Flow flow, StyledPen pen) {
        Fields fields = fields(room, days, flow, pen);
        Lettering as = pen.figure(TypeStep.LABEL);
        for (int i = 0; i < days; i++) {
            Box cell = fields.of(i);
            pen.outline(
                    Path.rounded(cell, pen.corner() * 0.6), pen.style().lines().frame());
            pen.words(Integer.toString(i + 1), cell.inset(0, 3, 0, 3), cell.y() + 2 + as.size() * 0.85, as);
        }
        return fields.of(days - 1).bottom() + 1.3;
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        if (ring || lack(area, flow).isPresent()) {
            return;
        }
        int days = flow.date().map(d -> YearMonth.from(d).lengthOfMonth()).orElse(31);
        StyledPen pen = StyledPen.measuring(flow);
        Fields fields = fields(room(area, flow), days, flow, pen);
        for (int i = 0; i < days * 0.8; i++) {
            hand.hatch(fields.of(i).inset(4 + hand.below(3)));
        }
    }

    private static double ring(Box room, int days, StyledPen pen) {
        Lettering as = pen.figure(TypeStep.NOTE).at(Align.CENTRE);
        double outer = Math.min(room.width(), room.height()) / 2 - as.size() * 1.5;
        double inner = outer * INNER;
        double cx = room.centreX();
        double cy = room.y() + outer + as.size() * 1.5;
        if (outer < pen.step()) {
            return room.y();
        }
        Rule rule = pen.style().lines().frame();
        pen.outline(Pen.circle(cx, cy, outer), rule);
        pen.outline(Pen.circle(cx, cy, inner), rule);
        // Every day has its number where there is room for it; else every fifth.
        boolean all = outer * 2 * Math.PI / days > as.size() * 1.35;
        for (int i = 0; i < days; i++) {
            double a = 2 * Math.PI * i / days - Math.PI / 2;
            pen.outline(
                    Path.line(
                            cx + inner * Math.cos(a),
                            cy + inner * Math.sin(a),
                            cx + outer * Math.cos(a),
                            cy + outer * Math.sin(a)),
                    rule);
            if (all || (i + 1) % 5 == 0 || i == 0) {
                double middle = a + Math.PI / days;
                double at = outer + as.size() * 0.85;
                double x = cx + at * Math.cos(middle);
                double y = cy + at * Math.sin(middle);
                pen.words(
                        Integer.toString(i + 1),
                        new Box(x - 10, y - as.size(), 20, 2 * as.size()),
                        y + as.size() * 0.34,
                        as);
            }
        }
        return cy + outer + as.size() * 1.5;
    }

    private void key(Box at, int across, Flow flow, StyledPen pen) {
        double w = at.width() / across;
        double side = pen.tickSide();
        for (int i = 0; i < key.size(); i++) {
            double x = at.x() + i % across * w;
            int row = i / across;
            double y = at.y() + row * pen.step();
            pen.tick(x, pen.tickTop(y), side, DayBadge.turn(i));
            double from = x + side + pen.step() * 0.3;
            pen.words(
                    flow.fill(key.get(i)),
                    Box.orEmpty(from, y, x + w - from - 2, pen.step()),
                    pen.base(y),
                    pen.label());
        }
    }

    /** Rows that six weeks take, with the key below them and a row between. */
    private int wanted(Box area, Flow flow) {
        return MonthSheet.ROWS + (key.isEmpty() ? 0 : 1 + keyRows(area, flow));
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        boolean narrow = area.width() < WEEK * Grid.SMALLEST_TICK.points();
        return !narrow && there >= wanted(area, flow)
                ? Optional.empty()
                : Optional.of(Lack.of(Message.of("block.month-page.lack", wanted(area, flow), there)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * 12;
    }
}
