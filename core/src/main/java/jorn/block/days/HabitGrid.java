package jorn.block.days;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.block.days.CountBy.CountedRow;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * A box for each thing to keep up on each day: the days are counted down the page, the things stand side by side, with room
 * above them to write what they are. Where the days are more than the rows, they stand in two or three groups side by side.
 *
 * @param habits how many things, 1 to 16; as many as there is room for in each group
 * @param by what is counted down
 * @param round whether the boxes are circles
 */
public record HabitGrid(
        @Label("block.habit-grid.habits") @Required int habits,
        @Label("block.habit-grid.by") CountBy by,
        @Label("block.habit-grid.round") boolean round)
        implements Node {
    static final NodeKind<HabitGrid> KIND = NodeKind.of("habit-grid", HabitGrid.class)
            .filling()
            .offered(
                    "habit-grid",
                    Wording.of("block.habit-grid.name"),
                    Wording.of("block.habit-grid.says"),
                    () -> new HabitGrid(8, CountBy.MONTH, false));

    /** Rows above the boxes, to write the habits' names in, upright. */
    private static final int HEAD = 4;

    private static final int MOST_GROUPS = 3;
    private static final double LARGEST_COLUMN = Length.mm(11).points();

    public HabitGrid {
        habits = Limits.whole(habits, Wording.of("block.habit-grid.habits"), 1, 16);
        by = by == null ? CountBy.MONTH : by;
    }

    /** What is counted down; the days of the month where only the room would count. */
    private CountBy counted() {
        return by.most() == 0 ? CountBy.MONTH : by;
    }

    /** How the boxes lie. */
    private record Plan(int groups, int rows, int tall, int shown, double column, double label) {}

    private Plan plan(Box area, Flow flow, StyledPen pen) {
        int there = Math.max(1, flow.grid().rowsIn(area.height()) - HEAD);
        int most = counted().most();
        int groups = Math.min(MOST_GROUPS, Math.max(1, (most + there - 1) / there));
        int rows = Math.min(there, (most + groups - 1) / groups);
        int tall = Math.max(1, Math.min(3, there / Math.max(1, rows)));
        double gap = pen.step() * 0.7;
        double width = (area.width() - gap * (groups - 1)) / groups;
        double label = counted().rows(flow).stream()
                        .mapToDouble(c -> pen.width(groups > 1 ? c.shorter() : c.full(), pen.label()))
                        .max()
                        .orElse(0)
                + pen.step() * 0.35;
        double least = Grid.SMALLEST_TICK.points() + 1.6;
        int fitting = Math.max(0, (int) ((width - label) / least));
        int shown = Math.min(habits, fitting);
        double column = shown == 0 ? 0 : Math.min(LARGEST_COLUMN, (width - label) / shown);
        return new Plan(groups, rows, tall, shown, column, label);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Plan plan = plan(area, flow, pen);
        if (plan.shown() < 1 || flow.grid().rowsIn(area.height()) <= HEAD) {
            return;
        }
        List<CountedRow> counted = counted().rows(flow);
        double gap = pen.step() * 0.7;
        double width = (area.width() - gap * (plan.groups() - 1)) / plan.groups();
        for (int g = 0; g < plan.groups(); g++) {
            int from = g * plan.rows();
            int to = Math.min(counted.size(), from + plan.rows());
            if (from < to) {
                Box at = new Box(area.x() + g * (width + gap), area.y(), width, area.height());
                group(at, counted.subList(from, to), plan, pen);
            }
        }
    }

    private void group(Box at, List<CountedRow> rows, Plan plan, StyledPen pen) {
        double step = pen.step();
        double head = at.y() + HEAD * step;
        double h = step * plan.tall();
        double boxes = at.x() + plan.label();
        double right = boxes + plan.shown() * plan.column();
        double bottom = head + rows.size() * h;
        Rule frame = pen.style().lines().frame();
        Rule fine = pen.style().lines().writing();
        for (int c = 0; c <= plan.shown(); c++) {
            pen.down(fine.withKind(Rule.LineKind.SOLID), boxes + c * plan.column(), at.y() + step * 0.3, head);
        }
        pen.across(frame, at.x(), right, head);
        double side = Math.min(pen.tickSide(), plan.column() - 1.2);
        for (int r = 0; r < rows.size(); r++) {
            double y = head + r * h;
            boolean tinted = pen.style().details().tint().fallsOn(rows.get(r).weekend(), r);
            if (tinted) {
                pen.fill(Path.box(Box.between(at.x(), y, right, y + h)), pen.ink(Role.TINT));
            }
            CountedRow own = rows.get(r);
            pen.words(
                    plan.groups() > 1 ? own.shorter() : own.full(),
                    new Box(at.x(), y, plan.label() - 2, step),
                    pen.base(y),
                    pen.label());
            for (int c = 0; c < plan.shown(); c++) {
                double x = boxes + c * plan.column() + (plan.column() - side) / 2;
                double top = y + (h - side) / 2;
                if (round) {
                    pen.tick(jorn.style.Details.Tick.CIRCLE, x, top, side, Role.LINE);
                } else {
                    pen.tick(x, top, side, Role.LINE);
                }
            }
        }
        pen.across(frame, at.x(), right, bottom);
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        Plan plan = plan(area, flow, pen);
        int counted = counted().rows(flow).size();
        double gap = pen.step() * 0.7;
        double width = (area.width() - gap * (plan.groups() - 1)) / plan.groups();
        double side = Math.min(pen.tickSide(), plan.column() - 1.2);
        for (int c = 0; c < plan.shown(); c++) {
            double left = area.x() + plan.label() + c * plan.column();
            hand.upright("habit", new Box(left, area.y() + 4, plan.column(), HEAD * pen.step() - 7));
            for (int d = 0; d < counted * 0.75; d++) {
                int g = Math.floorDiv(d, Math.max(1, plan.rows()));
                double x = left + g * (width + gap) + (plan.column() - side) / 2;
                double y = area.y() + (HEAD + (d - g * plan.rows()) * plan.tall()) * pen.step();
                if (hand.below(4) > 0) {
                    hand.tick(x, y + (pen.step() * plan.tall() - side) / 2, side);
                }
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        StyledPen pen = StyledPen.measuring(flow);
        Plan plan = plan(area, flow, pen);
        int days = Math.min(counted().rows(flow).size(), plan.groups() * plan.rows());
        if (days < counted().rows(flow).size()) {
            return Optional.of(Lack.of(
                    Message.of(
                            "block.habit-grid.lack-days", counted().rows(flow).size(), days),
                    new Lack.Remedy(
                            Message.of("block.habit-grid.by-week"), new HabitGrid(habits, CountBy.WEEK, round))));
        }
        if (plan.shown() < habits) {
            return Optional.of(
                    plan.shown() < 1
                            ? Lack.of(Message.of("block.habit-grid.lack-habits", habits, plan.shown()))
                            : Lack.of(
                                    Message.of("block.habit-grid.lack-habits", habits, plan.shown()),
                                    new Lack.Remedy(
                                            Message.of("block.habit-grid.fewer", plan.shown()),
                                            new HabitGrid(plan.shown(), by, round))));
        }
        return Optional.empty();
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * (HEAD + Math.min(counted().most(), 16));
    }
}
