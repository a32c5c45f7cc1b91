package jorn.block.days;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
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
import jorn.style.DayForm.Badge;
import jorn.style.DayForm.DayHolder;
import jorn.style.Rule;

/**
 * Days of the page's week, all of one size, one below the other or side by side; and if wanted one more field of the same size
 * for something else. Facing pages that hold as many fields are in register.
 *
 * @param from which day of the week is the first, 0 to 6
 * @param count how many days, 1 to 7
 * @param across whether they stand side by side
 * @param fill what there is to write on
 * @param last title of a further field; absent for none, may hold fields
 * @param lastFill what there is to write on in it
 * @param later how many weeks after the page's own, 0 to 12
 */
public record DayList(
        @Label(value = "block.day-list.from", as = jorn.say.SettingKind.ORDINAL) int from,
        @Label("block.day-list.count") @Required int count,
        @Label("block.day-list.across") boolean across,
        @Label("block.day-list.fill") DayFill fill,
        @Label(value = "block.day-list.last", onPage = true) Optional<String> last,
        @Label("block.day-list.last-fill") DayFill lastFill,
        @Label("block.day-list.later") int later)
        implements Node {
    /** What there is to write on. */
    public enum DayFill {
        LINES,
        /** Three things to tick, then lines. */
        TICKS,
        DOTS,
        BARE
    }

    static final NodeKind<DayList> KIND = NodeKind.of("days", DayList.class)
            .filling()
            .offered(
                    "days",
                    Wording.of("block.day-list.name"),
                    Wording.of("block.day-list.says"),
                    () -> new DayList(0, 7, false, DayFill.LINES, Optional.empty(), DayFill.LINES, 0));

    private static final int TICKS = 3;
    private static final int LEAST_ROWS = 2;
    private static final double NARROWEST = Length.mm(13).points();
    private static final double DOT = 0.45;

    public DayList {
        from = Limits.whole(from, Wording.of("block.day-list.from"), 0, 6);
        count = Limits.whole(count, Wording.of("block.day-list.count"), 1, 7 - from);
        fill = fill == null ? DayFill.LINES : fill;
        last = last == null ? Optional.empty() : last;
        lastFill = lastFill == null ? DayFill.LINES : lastFill;
        later = Limits.whole(later, Wording.of("block.day-list.later"), 0, 12);
    }

    private int fields() {
        return count + (last.isPresent() ? 1 : 0);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        if (across) {
            columns(area, flow, pen);
        } else {
            rows(area, flow, pen);
        }
    }

    private DayBadge badge(int i, Flow flow) {
        return i < count ? DayBadge.of(from + i, later, flow) : DayBadge.titled(flow.fill(last.orElse("")));
    }

    private DayFill fill(int i) {
        return i < count ? fill : lastFill;
    }

    private void rows(Box area, Flow flow, StyledPen pen) {
        int there = flow.grid().rowsIn(area.height());
        // Where there is too little room, as many as can be written in are drawn, and it is said.
        int each = Math.max(LEAST_ROWS, there / fields());
        int shown = Math.min(fields(), there / each);
        // What is over goes above the first: the days of facing pages stay in register, and no foot is bare.
        double top = area.y() + (there - each * shown) * pen.step();
        for (int i = 0; i < shown; i++) {
            Box cell = new Box(area.x(), top + i * each * pen.step(), area.width(), each * pen.step());
            row(i, cell, each, flow, pen, i == shown - 1);
        }
        if (shown > 0 && pen.style().days().badge() == Badge.COLUMN) {
            ledgerColumns(new Box(area.x(), top, area.width(), each * shown * pen.step()), pen);
        }
    }

    /** The two upright rules of an account book: behind the day, and before the sums. */
    private static void ledgerColumns(Box all, StyledPen pen) {
        Rule rule = pen.style().lines().frame();
        double side = DayBadge.side(pen, all.width());
        pen.down(rule, all.x() + side, all.y(), all.bottom());
        pen.down(rule, all.x() + side + 1.8, all.y(), all.bottom());
        pen.down(rule, all.right() - Math.max(all.width() * 0.14, pen.step() * 1.6), all.y(), all.bottom());
        pen.across(pen.style().lines().head(), all.x(), all.right(), all.bottom() - 2.2);
    }

    private void row(int i, Box cell, int rows, Flow flow, StyledPen pen, boolean isLast) {
        DayBadge badge = badge(i, flow);
        DayHolder holder = pen.style().days().holder();
        double step = pen.step();
        double side = DayBadge.side(pen, cell.width());
        if (holder == DayHolder.PANEL) {
            panel(i, cell, rows, badge, pen, side);
            return;
        }
        if (holder == DayHolder.RULE) {
            Rule rule = pen.style().days().badge() == Badge.COLUMN
                    ? pen.style().lines().frame().withRole(Role.TEXT)
                    : pen.style().lines().frame();
            pen.across(rule, cell.x(), cell.right(), cell.y());
        } else if (holder == DayHolder.ORNAMENT && !isLast) {
            double half = step * 0.4;
            pen.across(pen.style().lines().frame(), cell.x(), cell.centreX() - half, cell.bottom());
            pen.across(pen.style().lines().frame(), cell.centreX() + half, cell.right(), cell.bottom());
            pen.small(cell.centreX(), cell.bottom(), Math.min(6, step * 0.34));
        }
        boolean beside = side > 0;
        if (beside && !badge.isDay() && pen.style().days().badge() == Badge.LARGE) {
            badge.draw(new Box(cell.x(), cell.y(), cell.width(), step), pen, i);
            fill(i, cell.inset(step, 0, 0, 0), rows - 1, pen, isLast);
            return;
        }
        badge.draw(
                beside
                        ? new Box(cell.x(), cell.y(), side, cell.height())
                        : new Box(cell.x(), cell.y(), cell.width(), step),
                pen,
                i);
        double indent = indent(pen, side);
        Box lines = beside
                ? cell.inset(0, 0, 0, pen.style().days().badge() == Badge.COLUMN ? 0 : indent)
                : cell.inset(step, 0, 0, indent);
        boolean closes = isLast || holder == DayHolder.BARE;
        fill(i, lines, beside ? rows : rows - 1, pen, closes);
    }

    private static double indent(StyledPen pen, double side) {
        return switch (pen.style().days().badge()) {
            case CIRCLE -> pen.step() * 1.1;
            case LARGE, DISC -> side + pen.step() * 0.25;
            default -> 0;
        };
    }

    /**
     * @param closes whether the last row has its line too; where a rule follows it stays white
     */
    private void fill(int i, Box in, int rows, StyledPen pen, boolean closes) {
        int lined = closes ? rows : rows - 1;
        switch (fill(i)) {
            case LINES -> pen.writing(in.x(), in.right(), in.y(), lined);
            case TICKS -> {
                int ticks = Math.min(TICKS, lined);
                ticks(in, ticks, pen, Role.LINE);
                pen.writing(in.x(), in.right(), in.y() + ticks * pen.step(), lined - ticks);
            }
            case DOTS -> dots(in, lined, pen);
            case BARE -> {
                // White.
            }
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        StyledPen pen = StyledPen.measuring(flow);
        double step = pen.step();
        int there = flow.grid().rowsIn(area.height());
        boolean beside = pen.style().days().badge().beside();
        for (int i = 0; i < fields(); i++) {
            double w = area.width() / fields();
            int each = across ? there : Math.max(LEAST_ROWS, there / fields());
            double top =
                    across ? area.y() : area.y() + (there - each * Math.min(fields(), there / each) + i * each) * step;
            int head = across ? (beside ? 2 : 1) : beside ? 0 : 1;
            double left = across ? i * w + 3 : Math.max(DayBadge.side(pen, area.width()) * 1.2, step * 1.2);
            double wide = across ? w - 6 : area.width() - left - step;
            int lines = 1 + hand.below(Math.max(1, Math.min(3, each - head - 1)));
            for (int l = 0; l < lines && head + l < each - 1; l++) {
                double y = top + (head + l) * step;
                if (y + step > area.bottom() + 0.01) {
                    break;
                }
                boolean ticks = fill(i) == DayFill.TICKS && l < TICKS;
                double in = ticks ? pen.tickSide() + step * 0.3 : 0;
                hand.note("appointment", Box.orEmpty(area.x() + left + in, y, wide - in, step), pen.base(y));
            }
        }
    }

    private static void ticks(Box in, int count, StyledPen pen, Role role) {
        double left = pen.style().days().badge() == Badge.COLUMN ? DayBadge.side(pen, in.width()) + 6 : 0;
        for (int k = 0; k < count; k++) {
            pen.tickLine(in.x() + left, in.right(), in.y() + k * pen.step(), pen.step() * 0.3, role);
        }
    }

    private static void dots(Box in, int rows, StyledPen pen) {
        double step = pen.step();
        int across = (int) Math.floor(in.width() / step);
        Path.Builder all = Path.builder();
        double left = in.x() + (in.width() - across * step) / 2;
        for (int r = 1; r <= rows; r++) {
            for (int c = 0; c <= across; c++) {
                double x = left + c * step;
                double y = in.y() + r * step;
                all.move(x - DOT, y - DOT)
                        .line(x + DOT, y - DOT)
                        .line(x + DOT, y + DOT)
                        .line(x - DOT, y + DOT)
                        .close();
            }
        }
        if (rows > 0 && across > 0) {
            pen.fill(all.build(), pen.ink(Role.LINE));
        }
    }

    /** A tinted panel with paper inside, in one of the palette's colours. */
    private void panel(int i, Box cell, int rows, DayBadge badge, StyledPen pen, double side) {
        double step = pen.step();
        Role role = DayBadge.turn(i);
        double white = step * 0.1;
        Box panel = cell.inset(white, 0, white, 0);
        double pad = step * 0.16;
        double column = Math.max(side, step * 1.6);
        pen.fill(Path.rounded(panel, pen.corner()), pen.tint(role));
        Box paper = panel.inset(pad, pad, pad, column);
        pen.fill(Path.rounded(paper, pen.corner() * 0.7), Ink.WHITE);
        badge.draw(new Box(cell.x(), cell.y(), column, cell.height()), pen, i);
        double inset = step * 0.3;
        Box lines = Box.orEmpty(paper.x() + inset, cell.y(), paper.width() - 2 * inset, cell.height());
        int lined = rows - 1;
        if (fill(i) == DayFill.DOTS) {
            dots(lines, lined, pen);
        } else if (fill(i) != DayFill.BARE) {
            int ticks = fill(i) == DayFill.TICKS ? Math.min(TICKS, lined) : 0;
            ticks(lines, ticks, pen, role);
            pen.writing(lines.x(), lines.right(), lines.y() + ticks * step, lined - ticks);
        }
    }

    private void columns(Box area, Flow flow, StyledPen pen) {
        int rows = flow.grid().rowsIn(area.height());
        double step = pen.step();
        double w = area.width() / fields();
        Badge form = pen.style().days().badge();
        int head = form.beside() ? 2 : 1;
        double body = area.y() + head * step;
        double foot = area.y() + rows * step;
        Rule frame = pen.style().lines().frame();
        for (int i = 0; i < fields(); i++) {
            Box cell = new Box(area.x() + i * w, area.y(), w, rows * step);
            DayBadge badge = badge(i, flow);
            boolean weekend =
                    i < count && CountBy.isWeekend(flow.calendar().weeks().column(from + i));
            column(i, cell, weekend, badge, head, rows, flow, pen);
            if (i > 0 && pen.style().days().holder() != DayHolder.PANEL) {
                pen.down(frame, cell.x(), area.y(), foot);
            }
        }
        if (pen.style().days().holder() != DayHolder.PANEL) {
            pen.across(pen.style().lines().head(), area.x(), area.right(), area.y());
            pen.across(frame, area.x(), area.right(), body);
            pen.across(frame, area.x(), area.right(), foot);
        }
    }

    private void column(
            int i, Box cell, boolean weekend, DayBadge badge, int head, int rows, Flow flow, StyledPen pen) {
        double step = pen.step();
        double pad = Math.min(step * 0.25, cell.width() * 0.08);
        Role role = DayBadge.turn(i);
        if (pen.style().days().holder() == DayHolder.PANEL) {
            Box panel = cell.inset(0, 1.6, 0, 1.6);
            pen.fill(Path.rounded(panel, pen.corner()), pen.tint(role));
            Box paper = Box.between(panel.x() + 2.4, cell.y() + head * step, panel.right() - 2.4, cell.bottom() - 2.4);
            pen.fill(Path.rounded(paper, pen.corner() * 0.7), Ink.WHITE);
        } else if (pen.style().details().tint().fallsOn(weekend, i)) {
            pen.fill(Path.box(cell), pen.ink(Role.TINT));
        }
        Box badgeAt = new Box(cell.x() + pad, cell.y(), Math.max(1, cell.width() - 2 * pad), head * step);
        fittingBadge(i, badge, badgeAt, flow, pen).draw(badgeAt, pen, i);
        Box lines = Box.orEmpty(cell.x() + pad, cell.y() + head * step, cell.width() - 2 * pad, 1);
        boolean panel = pen.style().days().holder() == DayHolder.PANEL;
        int lined = rows - head - 1;
        switch (fill(i)) {
            case LINES -> pen.writing(lines.x(), lines.right(), lines.y(), lined);
            case TICKS -> {
                Box in = panel ? lines.inset(0, 3, 0, 3) : lines;
                ticksOnly(in, lined, pen, panel ? role : Role.LINE);
            }
            case DOTS -> dots(lines, lined, pen);
            case BARE -> {
                // White.
            }
        }
    }

    private static void ticksOnly(Box in, int rows, StyledPen pen, Role role) {
        for (int k = 0; k < rows; k++) {
            pen.tickLine(in.x(), in.right(), in.y() + k * pen.step(), 2, role);
        }
    }

    /** In a narrow column the names are the short ones. */
    private DayBadge fittingBadge(int i, DayBadge badge, Box at, Flow flow, StyledPen pen) {
        double room =
                switch (pen.style().days().badge()) {
                    case CIRCLE -> at.width() - pen.step() * 1.1;
                    case PLAIN, TAB -> at.width() - pen.step() * (badge.figure().isPresent() ? 1.1 : 0.4);
                    default -> at.width();
                };
        return badge.isDay() ? badge.named(from + i, room, flow, pen) : badge;
    }

    private boolean hasRoom(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        return across ? area.width() / fields() >= NARROWEST && there > LEAST_ROWS : there / fields() >= LEAST_ROWS;
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int there = flow.grid().rowsIn(area.height());
        if (hasRoom(area, flow)) {
            return Optional.empty();
        }
        boolean tooFlat = !across && there / fields() < LEAST_ROWS;
        Message says = Message.of(tooFlat ? "block.day-list.too-flat" : "block.day-list.too-narrow", count);
        List<Lack.Remedy> remedies = new ArrayList<>();
        if (last.isPresent()) {
            remedies.add(new Lack.Remedy(
                    Message.of("block.day-list.without-last"),
                    new DayList(from, count, across, fill, Optional.empty(), lastFill, later)));
        }
        DayList otherWay = new DayList(from, count, !across, fill, last, lastFill, later);
        if (otherWay.hasRoom(area, flow)) {
            remedies.add(new Lack.Remedy(
                    Message.of(across ? "block.day-list.make-rows" : "block.day-list.make-columns"), otherWay));
        }
        if (count > 1) {
            int fewer = (count + 1) / 2;
            remedies.add(new Lack.Remedy(
                    Message.of("block.day-list.fewer", fewer),
                    new DayList(from, fewer, across, fill, last, lastFill, later)));
        }
        return Optional.of(new Lack(says, remedies));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * (across ? 6 : fields() * LEAST_ROWS);
    }
}
