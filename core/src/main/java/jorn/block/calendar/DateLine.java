package jorn.block.calendar;

import java.util.List;
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
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * The date of the page; where it has none, a label and a line to write it on.
 *
 * @param label before the line: "Date"; may be empty
 * @param size type size
 * @param align where it stands in its width
 */
public record DateLine(
        @Label(value = "block.date-line.label", onPage = true) String label,
        @Label(value = "block.date-line.type-size", as = SettingKind.TYPE_SIZE) @Required Length size,
        @Label("block.date-line.stands") Align align)
        implements Node {
    static final NodeKind<DateLine> KIND = NodeKind.of("date-line", DateLine.class)
            .offered(
                    "date-line",
                    Wording.of("block.date-line.date-line"),
                    Wording.of("block.date-line.date-or-line-for"),
                    () -> new DateLine("@date", Length.points(10), Align.RIGHT));

    /** Width of the line to write on, in type sizes. */
    private static final double LINE = 12;

    private static final double ROOM = 1.9;

    public DateLine {
        size = Limits.type(size);
        label = label == null ? "@date" : Limits.heading(label);
        align = align == null ? Align.RIGHT : align;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double points = size.points();
        double base = area.y() + Math.min(area.height(), points * ROOM) - points * 0.4;
        String date = flow.fill("{date}");
        if (flow.date().isPresent() && !date.isBlank()) {
            pen.words(date, area, base, points, Voice.BODY, Style.ITALIC, Role.TEXT, align);
            return;
        }
        double words =
                label.isBlank() ? 0 : pen.width(flow.fill(label), points, Voice.BODY, Style.REGULAR) + points * 0.5;
        double width = Math.min(area.width(), words + points * LINE);
        double x = area.x() + (area.width() - width) * (align == Align.LEFT ? 0 : align == Align.CENTRE ? 0.5 : 1);
        pen.words(
                flow.fill(label),
                new Box(x, area.y(), Math.min(words, width), points),
                base,
                points,
                Voice.BODY,
                Style.REGULAR,
                Role.TEXT,
                Align.LEFT);
        if (words < width) {
            pen.line(x + words, base + 1.5, x + width, base + 1.5, 0.5, Role.LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points() * ROOM;
    }
}
