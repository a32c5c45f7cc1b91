package jorn.block.calendar;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.calendar.Span;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * The initials of the seven days in circles, to mark which day it is. On a page that stands for a day, that day is tinted.
 *
 * @param size of a circle
 * @param align where they stand in their width
 */
public record DayCircles(
        @Label("block.day-circles.across") @Required Length size, @Label("block.day-circles.stands") Align align)
        implements Node {
    static final NodeKind<DayCircles> KIND = NodeKind.of("day-circles", DayCircles.class)
            .offered(
                    "day-circles",
                    Wording.of("block.day-circles.day-circles"),
                    Wording.of("block.day-circles.which-day"),
                    () -> new DayCircles(Length.mm(6), Align.RIGHT));

    private static final double STEP = 1.25;

    public DayCircles {
        size = Limits.step(size, Wording.of("block.day-circles.circles"));
        align = align == null ? Align.RIGHT : align;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double step = Math.min(size.points() * STEP, area.width() / 7);
        double r = Math.min(step / STEP, area.height()) / 2;
        double left =
                area.x() + (area.width() - 7 * step) * (align == Align.LEFT ? 0 : align == Align.CENTRE ? 0.5 : 1);
        double cy = area.y() + Math.min(area.height(), size.points()) / 2;
        Optional<DayOfWeek> own = flow.date()
                .filter(d -> flow.span().filter(s -> s == Span.DAY).isPresent())
                .map(d -> d.getDayOfWeek());
        for (int i = 0; i < 7; i++) {
            DayOfWeek day = flow.calendar().weeks().column(i);
            double cx = left + (i + 0.5) * step;
            if (own.filter(day::equals).isPresent()) {
                pen.disc(cx, cy, r, Role.TINT);
                pen.circle(cx, cy, r, 1.1, Role.ACCENT);
            } else {
                pen.circle(cx, cy, r, 0.5, Role.LINE);
            }
            pen.words(
                    flow.calendar().name(day, TextStyle.NARROW_STANDALONE),
                    new Box(cx - r * 0.8, cy - r, 1.6 * r, 2 * r),
                    cy + r * 0.36,
                    r * 1.05,
                    Voice.BODY,
                    Style.REGULAR,
                    Role.TEXT,
                    Align.CENTRE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points();
    }
}
