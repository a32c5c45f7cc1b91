package jorn.block.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.block.days.CountBy;
import jorn.block.days.CountBy.CountedRow;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * A field for a curve: what is counted runs along its foot, a scale with its unit stands at its left. No value on it is called
 * normal.
 *
 * @param unit what the scale counts; may be empty, may hold fields
 * @param by what runs along the foot; where the room counts, nothing is written there
 * @param from lowest figure of the scale
 * @param step from line to line; 0 leaves the figures to be written by hand
 */
public record Curve(
        @Label(value = "block.curve.unit", onPage = true) String unit,
        @Label("block.curve.by") CountBy by,
        @Label("block.curve.from") int from,
        @Label("block.curve.step") int step)
        implements Node {
    static final NodeKind<Curve> KIND = NodeKind.of("curve", Curve.class)
            .filling()
            .offered(
                    "curve",
                    Wording.of("block.curve.name"),
                    Wording.of("block.curve.says"),
                    () -> new Curve("@weight-kg", CountBy.MONTH, 0, 0));

    private static final int LEAST_ROWS = 4;
    private static final int COLUMNS_OF_ROOM = 20;
    private static final double LABEL = 1.7;

    public Curve {
        unit = Limits.heading(unit);
        by = by == null ? CountBy.MONTH : by;
        from = Limits.whole(from, Wording.of("block.curve.from"), -1000, 10_000);
        step = Limits.whole(step, Wording.of("block.curve.step"), 0, 1000);
    }

    private List<CountedRow> columns(Flow flow) {
        List<CountedRow> counted = by.rows(flow);
        if (!counted.isEmpty()) {
            return counted;
        }
        List<CountedRow> bare = new ArrayList<>();
        for (int i = 0; i < COLUMNS_OF_ROOM; i++) {
            bare.add(new CountedRow("", "", false));
        }
        return bare;
    }

    /** The field in which the curve runs: below the unit, above the row of what is counted. */
    private static Box field(Box area, Flow flow) {
        double row = flow.grid().step();
        int rows = flow.grid().rowsIn(area.height()) - 2;
        return Box.orEmpty(area.x() + row * LABEL, area.y() + row, area.width() - row * LABEL, Math.max(0, rows) * row);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Box field = field(area, flow);
        if (!flow.grid().canHold(area)
                || field.height() < LEAST_ROWS * flow.grid().step()) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        pen.words(flow.fill(unit), area, pen.base(area.y()), pen.label().in(pen.ink(Role.HEADING)));
        List<CountedRow> columns = columns(flow);
        double w = field.width() / columns.size();
        for (int c = 0; c < columns.size(); c++) {
            boolean tinted = pen.style().details().tint().fallsOn(columns.get(c).weekend(), c);
            if (tinted && by != CountBy.ROOM) {
                pen.fill(Path.box(new Box(field.x() + c * w, field.y(), w, field.height())), pen.ink(Role.TINT));
            }
        }
        Rule fine = pen.style().lines().writing().withKind(Rule.LineKind.SOLID);
        int rows = (int) Math.round(field.height() / pen.step());
        for (int r = 0; r <= rows; r++) {
            double y = field.bottom() - r * pen.step();
            pen.across(fine, field.x(), field.right(), y);
            scale(r, y, field, pen);
        }
        for (int c = 1; c <= columns.size(); c++) {
            pen.down(fine, field.x() + c * w, field.y(), field.bottom());
        }
        Rule axis = pen.style().lines().frame();
        pen.down(axis, field.x(), field.y(), field.bottom());
        pen.across(axis, field.x(), field.right(), field.bottom());
        foot(columns, w, field, pen);
    }

    private void scale(int r, double y, Box field, StyledPen pen) {
        double right = field.x() - pen.step() * 0.25;
        Lettering as = pen.figure(TypeStep.NOTE).at(Align.RIGHT);
        double left = right - pen.step() * (LABEL - 0.25);
        if (step > 0) {
            pen.words(
                    Integer.toString(from + r * step),
                    Box.orEmpty(left, y - pen.step(), right - left, pen.step()),
                    y + as.size() * 0.34,
                    as);
        } else if (r % 2 == 0) {
            pen.across(pen.style().lines().writing(), left, right, y + as.size() * 0.34);
        }
    }

    private static void foot(List<CountedRow> columns, double w, Box field, StyledPen pen) {
        Lettering as = pen.figure(TypeStep.NOTE).at(Align.CENTRE);
        double widest = columns.stream()
                .mapToDouble(c -> pen.width(c.shorter(), as))
                .max()
                .orElse(0);
        int every = widest + 1 <= w ? 1 : widest + 1 <= 2 * w ? 2 : 5;
        for (int c = 0; c < columns.size(); c++) {
            if (every == 1 || (c + 1) % every == 0 || c == 0) {
                double middle = field.x() + (c + 0.5) * w;
                pen.words(
                        columns.get(c).shorter(),
                        new Box(middle - widest, field.bottom(), 2 * widest + 1, pen.step()),
                        pen.base(field.bottom()),
                        as);
            }
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        Box field = field(area, flow);
        if (field.height() < LEAST_ROWS * flow.grid().step()) {
            return;
        }
        int n = columns(flow).size();
        double w = field.width() / n;
        boolean grows = step > 0 && by == CountBy.YEAR;
        double level = grows ? 0.15 : 0.45;
        Path.Builder line = Path.builder();
        for (int c = 0; c < Math.ceil(n * 0.7); c++) {
            level = Math.max(
                    0.12, Math.min(0.88, level + (grows ? hand.between(0.03, 0.1) : hand.between(-0.09, 0.1))));
            double x = field.x() + (c + 0.5) * w;
            double y = field.bottom() - level * field.height();
            if (c == 0) {
                line.move(x, y);
            } else {
                line.line(x, y);
            }
            hand.dot(x, y);
        }
        hand.stroke(line.build());
        if (step == 0) {
            int rows = (int) Math.round(field.height() / flow.grid().step());
            for (int r = 0; r <= rows; r += 2) {
                double y = field.bottom() - r * flow.grid().step();
                hand.write(Integer.toString(60 + r), new Box(area.x(), y, field.x() - area.x(), 1), y + 1);
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        return there >= LEAST_ROWS + 2
                ? Optional.empty()
                : Optional.of(Lack.of(Message.of("block.curve.lack", LEAST_ROWS + 2, there)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * (LEAST_ROWS + 6);
    }
}
