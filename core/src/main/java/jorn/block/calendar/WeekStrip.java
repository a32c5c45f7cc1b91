package jorn.block.calendar;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
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
 * The seven days of the page's week side by side in one frame, each with its date and room to write.
 *
 * @param height of the strip
 * @param shaded whether the days' names stand on a tint
 */
public record WeekStrip(
        @Label("block.week-strip.height") @Required Length height,
        @Label("block.week-strip.every-other-shaded") boolean shaded)
        implements Node {
    static final NodeKind<WeekStrip> KIND = NodeKind.of("week-strip", WeekStrip.class)
            .offered(
                    "week-strip",
                    Wording.of("block.week-strip.week-strip"),
                    Wording.of("block.week-strip.seven-days-side-by"),
                    () -> new WeekStrip(Length.mm(24), true));

    public WeekStrip {
        height = Limits.extent(height, Wording.of("block.week-strip.week-strip-2"));
    }

    private static final double HEAD = 13;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double h = Math.min(height.points(), area.height());
        double w = area.width() / 7;
        double head = Math.min(HEAD, h / 2);
        if (shaded) {
            pen.tint(new Box(area.x(), area.y(), area.width(), head), Role.TINT);
        }
        Optional<LocalDate> first = flow.date().map(flow.calendar().weeks()::startOf);
        for (int i = 0; i < 7; i++) {
            double x = area.x() + i * w;
            String name = flow.calendar()
                    .name(
                            flow.calendar().weeks().column(i),
                            w < 40 ? TextStyle.NARROW_STANDALONE : TextStyle.SHORT_STANDALONE);
            int day = i;
            String words =
                    first.map(f -> name + " " + f.plusDays(day).getDayOfMonth()).orElse(name);
            pen.words(
                    words,
                    Box.orEmpty(x + 2, area.y(), w - 4, head),
                    area.y() + head * 0.72,
                    head * 0.66,
                    Voice.BODY,
                    Style.BOLD,
                    Role.HEADING,
                    Align.CENTRE);
            if (i > 0) {
                pen.line(x, area.y(), x, area.y() + h, 0.5, Role.LINE);
            }
        }
        pen.line(area.x(), area.y() + head, area.right(), area.y() + head, 0.5, Role.LINE);
        pen.box(new Box(area.x(), area.y(), area.width(), h), 0.6, Role.LINE);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return height.points();
    }
}
