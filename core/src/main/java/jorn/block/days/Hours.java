package jorn.block.days;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
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
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * The hours of a day, or of several days side by side, one row or more of the grid to each hour.
 *
 * @param from first hour, 0 to 23
 * @param to last hour, above the first, up to 24
 * @param days how many days side by side, 1 to 7; 1 for the day of the page, without its name
 * @param firstDay which day of the week is the first of several, 0 to 6
 * @param halves whether half hours have a line where there is room
 */
public record Hours(
        @Label("block.time-slots.from-o-clock") @Required int from,
        @Label("block.time-slots.o-clock") @Required int to,
        @Label("block.hours.days") Integer days,
        @Label(value = "block.hours.first-day", as = jorn.say.SettingKind.ORDINAL) int firstDay,
        @Label("block.hours.halves") boolean halves)
        implements Node {
    static final NodeKind<Hours> KIND = NodeKind.of("hours", Hours.class)
            .filling()
            .offered(
                    "hours",
                    Wording.of("block.hours.name"),
                    Wording.of("block.hours.says"),
                    () -> new Hours(7, 20, 1, 0, true));

    private static final double NARROWEST = Length.mm(13).points();

    public Hours {
        days = Limits.whole(days == null ? 1 : days, Wording.of("block.hours.days"), 1, 7);
        firstDay = Limits.whole(firstDay, Wording.of("block.hours.first-day"), 0, 6);
        if (from < 0 || to > 24 || to <= from || firstDay + days > 7) {
            throw Trouble.of("block.hours.bad-hours", from, to);
        }
    }

    private int hours() {
        return to - from + 1;
    }

    private int head() {
        return days > 1 ? 2 : 0;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double step = pen.step();
        int there = flow.grid().rowsIn(area.height()) - head();
        int each = Math.max(1, Math.min(4, there / hours()));
        int shown = Math.min(hours(), Math.max(0, there / each));
        // One row that is over stands above the first hour, for what lasts all day; the others below the last.
        int spare = Math.max(0, there - shown * each);
        int over = Math.min(1, spare);
        double top = area.y() + (head() + over) * step;
        double bottom = top + shown * each * step;
        double foot = bottom + (spare - over) * step;
        double label = pen.width("00:00", pen.label()) + step * 0.4;
        if (days > 1) {
            heads(area, label, foot, flow, pen);
            if (over > 0) {
                pen.across(pen.style().lines().frame(), area.x(), area.right(), area.y() + head() * step);
            }
        }
        Rule fine = pen.style().lines().writing();
        for (int h = 0; h < shown; h++) {
            double y = top + h * each * step;
            pen.across(h == 0 ? pen.style().lines().frame() : strong(each, pen), area.x(), area.right(), y);
            Lettering as = pen.figure(TypeStep.LABEL);
            pen.words(time(from + h), new Box(area.x(), y, label, step), pen.base(y), as.at(Align.LEFT));
            for (int l = 1; l < each; l++) {
                if (halves || l % 2 == 0) {
                    pen.across(fine, area.x() + label, area.right(), y + l * step);
                }
            }
        }
        pen.across(pen.style().lines().frame(), area.x(), area.right(), bottom);
        pen.writing(area.x() + label, area.right(), bottom, days > 1 ? spare - over - 1 : spare - over);
        if (days > 1 && foot > bottom) {
            pen.across(pen.style().lines().frame(), area.x(), area.right(), foot);
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        int there = flow.grid().rowsIn(area.height()) - head();
        int each = Math.max(1, Math.min(4, there / hours()));
        int shown = Math.min(hours(), Math.max(0, there / each));
        int over = Math.min(1, Math.max(0, there - shown * each));
        double label = pen.width("00:00", pen.label()) + pen.step() * 0.6;
        double w = (area.width() - label) / days;
        for (int d = 0; d < days; d++) {
            for (int h = 1 + hand.below(3); h < shown; h += 2 + hand.below(4)) {
                double y = area.y() + (head() + over + h * each) * pen.step();
                hand.note("appointment", new Box(area.x() + label + d * w, y, w, pen.step()), pen.base(y));
            }
        }
    }

    private static Rule strong(int each, StyledPen pen) {
        Rule fine = pen.style().lines().writing();
        return each == 1
                ? fine
                : fine.withRole(Role.LINE)
                        .withWeight(Math.min(pen.style().lines().frame().weight(), fine.weight() + 0.2));
    }

    private static String time(int hour) {
        return hour % 24 + ":00";
    }

    private void heads(Box area, double label, double bottom, Flow flow, StyledPen pen) {
        double w = (area.width() - label) / days;
        for (int d = 0; d < days; d++) {
            double x = area.x() + label + d * w;
            int column = firstDay + d;
            boolean weekend = CountBy.isWeekend(flow.calendar().weeks().column(column));
            boolean tinted = pen.style().details().tint().fallsOn(weekend, d);
            if (tinted) {
                pen.fill(Path.box(Box.between(x, area.y() + 2 * pen.step(), x + w, bottom)), pen.ink(Role.TINT));
            }
            head(
                    DayBadge.of(column, flow).named(column, w - 2, flow, pen),
                    new Box(x, area.y(), w, 2 * pen.step()),
                    pen);
            pen.down(pen.style().lines().frame(), x, area.y() + 2 * pen.step(), bottom);
        }
    }

    /** The figure over the name, in the column's middle. */
    private static void head(DayBadge badge, Box at, StyledPen pen) {
        Lettering figure = pen.figure(TypeStep.FIGURE).at(Align.CENTRE);
        badge.figure().ifPresent(f -> pen.words(f, at, pen.base(at.y()), figure));
        Lettering as = DayBadge.name(pen).at(Align.CENTRE);
        pen.words(badge.name(), at, pen.base(at.y() + pen.step() * 0.86), as);
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height()) - head();
        StyledPen pen = StyledPen.measuring(flow);
        double label = pen.width("00:00", pen.label()) + pen.step() * 0.4;
        boolean narrow = days > 1 && (area.width() - label) / days < NARROWEST;
        if (there >= hours() && !narrow) {
            return Optional.empty();
        }
        List<Lack.Remedy> remedies = new ArrayList<>();
        if (narrow) {
            int fewer = Math.max(1, days > 4 ? 4 : days - 1);
            remedies.add(new Lack.Remedy(
                    Message.of("block.hours.fewer-days", fewer), new Hours(from, to, fewer, firstDay, halves)));
            return Optional.of(new Lack(Message.of("block.hours.narrow", days), remedies));
        }
        if (there > 1) {
            int last = Math.min(24, from + there - 1);
            remedies.add(new Lack.Remedy(
                    Message.of("block.hours.fewer-hours", from, last), new Hours(from, last, days, firstDay, halves)));
        }
        return Optional.of(new Lack(Message.of("block.hours.lack", hours(), Math.max(0, there)), remedies));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return (hours() + head()) * flow.grid().step();
    }
}
