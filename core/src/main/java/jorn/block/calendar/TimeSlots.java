package jorn.block.calendar;

import java.util.List;
import java.util.Locale;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * The hours of a day down the page.
 *
 * @param from first hour, 0 to 23
 * @param to last hour, above the first, up to 24
 * @param lines lines to each hour, 1 to 4
 * @param twelve whether hours are written as 7 am instead of 7:00
 */
public record TimeSlots(
        @Label("block.time-slots.from-o-clock") @Required int from,
        @Label("block.time-slots.o-clock") @Required int to,
        @Label("block.time-slots.lines-each-hour") @Required int lines,
        @Label("block.time-slots.am-pm") boolean twelve)
        implements Node {
    static final NodeKind<TimeSlots> KIND = NodeKind.of("time-slots", TimeSlots.class)
            .filling()
            .offered(
                    "time-slots",
                    Wording.of("block.time-slots.time-slots"),
                    Wording.of("block.time-slots.hours-day"),
                    () -> new TimeSlots(7, 20, 2, false));

    public TimeSlots {
        if (from < 0 || to > 24 || to <= from || lines < 1 || lines > 4) {
            throw Trouble.of("block.time-slots.time-slots-from-with", from, to, lines);
        }
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        int hours = to - from + 1;
        double slot = area.height() / hours;
        double label = Math.min(34, area.width() * 0.22);
        double size = Math.min(8.5, slot * 0.6);
        for (int i = 0; i < hours; i++) {
            double top = area.y() + i * slot;
            Box at = Box.orEmpty(area.x(), top, label - 4, slot);
            double first = top + slot / lines;
            pen.words(text(from + i), at, first - 2, size, Voice.BODY, Style.REGULAR, Role.TEXT, Align.RIGHT);
            for (int l = 1; l <= lines; l++) {
                double y = top + slot * l / lines - 0.3;
                pen.line(area.x() + label, y, area.right(), y, 0.45, l == lines ? Role.LINE : Role.SOFT_LINE);
            }
        }
    }

    private String text(int hour) {
        int h = hour % 24;
        return twelve ? (h % 12 == 0 ? 12 : h % 12) + (h < 12 ? " am" : " pm") : String.format(Locale.ROOT, "%d:00", h);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return (to - from + 1) * 14.0;
    }
}
