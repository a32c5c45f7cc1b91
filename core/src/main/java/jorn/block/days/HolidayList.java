package jorn.block.days;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.layout.Flow;
import jorn.layout.Lack;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;

/**
 * The holidays and the user's own dates of the year of the page, each with its day; undated, lines to fill in.
 *
 * @param columns side by side, 1 or 2
 */
public record HolidayList(@Label("block.fill-in.columns") Integer columns) implements Node {
    static final NodeKind<HolidayList> KIND = NodeKind.of("holidays", HolidayList.class)
            .filling()
            .offered(
                    "holidays",
                    Wording.of("block.holiday-list.name"),
                    Wording.of("block.holiday-list.says"),
                    () -> new HolidayList(1));

    public HolidayList {
        columns = columns == null || columns < 2 ? 1 : 2;
    }

    private static final double MOST_FOR_DATES = 0.45;

    private record Day(LocalDate date, String name) {}

    private static List<Day> days(Flow flow) {
        List<Day> all = new ArrayList<>();
        Optional<LocalDate> first = flow.date();
        if (first.isPresent()) {
            LocalDate end = first.get().plusYears(1);
            for (LocalDate day = first.get(); day.isBefore(end); day = day.plusDays(1)) {
                List<String> notes = flow.calendar().withMoon(false).notes(day);
                if (!notes.isEmpty()) {
                    all.add(new Day(day, String.join(", ", notes)));
                }
            }
        }
        return all;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        List<Day> days = days(flow);
        int rows = flow.grid().rowsIn(area.height());
        double gap = pen.step() * 0.8;
        double w = (area.width() - gap * (columns - 1)) / columns;
        Lettering label = pen.label();
        double dates = days.stream()
                        .mapToDouble(d -> pen.width(flow.calendar().shortDate(d.date()), label))
                        .max()
                        .orElse(pen.step() * 3)
                + pen.step() * 0.4;
        double room = Math.min(dates, w * MOST_FOR_DATES);
        for (int i = 0; i < rows * columns; i++) {
            int row = i % rows;
            int column = i / rows;
            double x = area.x() + column * (w + gap);
            double y = area.y() + row * pen.step();
            if (i < days.size()) {
                pen.words(
                        flow.calendar().shortDate(days.get(i).date()),
                        new Box(x, y, room, pen.step()),
                        pen.base(y),
                        label);
                pen.words(
                        days.get(i).name(),
                        Box.orEmpty(x + room, y, w - room, pen.step()),
                        pen.base(y),
                        pen.text().in(pen.ink(Role.HEADING)));
            } else if (days.isEmpty()) {
                pen.across(pen.style().lines().writing(), x, x + room - pen.step() * 0.4, y + pen.step());
            }
            pen.across(pen.style().lines().writing(), x + room, x + w, y + pen.step());
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        int wanted = days(flow).size();
        int there = flow.grid().rowsIn(area.height()) * columns;
        if (wanted <= there && there > 0) {
            return Optional.empty();
        }
        Message says = Message.of("block.holiday-list.lack", wanted, there);
        return Optional.of(
                columns == 1
                        ? Lack.of(says, new Lack.Remedy(Message.of("block.tick-list.more-columns"), new HolidayList(2)))
                        : Lack.of(says));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * Math.max(6, (days(flow).size() + columns - 1) / columns);
    }
}
