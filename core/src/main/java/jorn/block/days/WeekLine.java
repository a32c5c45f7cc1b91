package jorn.block.days;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.say.BookWords;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * One row that names a week: its number and from when to when it is; on an undated page a line to write that on.
 *
 * @param later how many weeks after the page's own, 0 to 12
 */
public record WeekLine(@Label("block.day-list.later") int later) implements Node {
    static final NodeKind<WeekLine> KIND = NodeKind.of("week-line", WeekLine.class)
            .offered(
                    "week-line",
                    Wording.of("block.week-line.name"),
                    Wording.of("block.week-line.says"),
                    () -> new WeekLine(0));

    private static final String WEEK_OF = "@week-of";

    /** As a share of a row. */
    private static final double CLEAR = 0.16;

    /** The line to write on, below the words' base, in points. */
    private static final double UNDER = 1;

    public WeekLine {
        later = Limits.whole(later, Wording.of("block.day-list.later"), 0, 12);
    }

    /** The words stand clear of the rule that usually lies below them. */
    private static double base(Box area, StyledPen pen) {
        return pen.base(area.y()) - CLEAR * pen.step();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double base = base(area, pen);
        Optional<LocalDate> start =
                flow.date().map(flow.calendar().weeks()::startOf).map(d -> d.plusWeeks(later));
        if (start.isEmpty()) {
            double used = pen.words(flow.fill(WEEK_OF), area, base, pen.label());
            pen.across(
                    pen.style().lines().writing(), area.x() + used + pen.step() * 0.35, area.centreX(), base + UNDER);
            return;
        }
        String range = flow.calendar().range(start.get(), start.get().plusDays(6));
        pen.words(range, area, base, pen.title().in(pen.ink(Role.HEADING)));
        String number = BookWords.in(flow.calendar().language(), "week")
                .replace("{week}", Integer.toString(flow.calendar().weeks().number(start.get())));
        pen.words(number, area, base, pen.label().at(Align.RIGHT));
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        if (flow.date().isEmpty()) {
            StyledPen pen = StyledPen.measuring(flow);
            double used = pen.width(flow.fill(WEEK_OF), pen.label()) + pen.step() * 0.5;
            hand.note(WEEK_OF, area.inset(0, 0, 0, used), base(area, pen));
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step();
    }
}
