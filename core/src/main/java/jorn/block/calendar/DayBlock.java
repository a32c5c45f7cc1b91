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
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * One day of a week: its name and date, what is noted on it, and lines below or beside.
 *
 * @param day which day of the week's page, 0 to 6 from the week's first
 * @param spacing of the lines; absent for none
 * @param beside whether name and date stand at the left of the lines instead of above them
 */
public record DayBlock(
        @Label(value = "block.day-block.day-week", as = SettingKind.ORDINAL) @Required int day,
        @Label("block.day-block.lines-every") Optional<Length> spacing,
        @Label("block.day-block.date-at-side") boolean beside)
        implements Node {
    static final NodeKind<DayBlock> KIND = NodeKind.of("day", DayBlock.class)
            .filling()
            .offered(
                    "day",
                    Wording.of("block.day-block.day"),
                    Wording.of("block.day-block.day-week-with-lines"),
                    () -> new DayBlock(0, Optional.of(Length.mm(6.35)), false));

    public DayBlock {
        day = Limits.whole(day, Wording.of("block.day-block.day-week"), 0, 6);
        spacing = spacing == null
                ? Optional.empty()
                : spacing.map(s -> Limits.step(s, Wording.of("block.day-block.line-line")));
    }

    private static final double SIZE = 10.5;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        Optional<LocalDate> date = flow.date().map(d -> d.plusDays(day));
        String name = flow.calendar()
                .name(
                        flow.calendar().weeks().column(day),
                        beside || area.width() < 70 ? TextStyle.SHORT_STANDALONE : TextStyle.FULL_STANDALONE);
        double head = SIZE * 1.5;
        double label = beside ? Math.min(54, area.width() * 0.3) : area.width();
        Box at = new Box(area.x(), area.y(), label, head);
        String words = date.map(d -> name + " " + d.getDayOfMonth()).orElse(name);
        pen.words(words, at, area.y() + SIZE, SIZE, Voice.HEADING, Style.BOLD, Role.HEADING, Align.LEFT);
        List<String> notes = date.map(d -> flow.calendar().notes(d)).orElse(List.of());
        if (!notes.isEmpty()) {
            double used = beside ? 0 : pen.width(words, SIZE, Voice.HEADING, Style.BOLD) + 6;
            double y = beside ? area.y() + SIZE + 9 : area.y() + SIZE;
            Box room = Box.orEmpty(area.x() + used, area.y(), label - used, head);
            pen.words(
                    String.join(", ", notes),
                    room,
                    y,
                    7.5,
                    Voice.BODY,
                    Style.ITALIC,
                    Role.ACCENT,
                    beside ? Align.LEFT : Align.RIGHT);
        }
        spacing.ifPresent(s -> {
            Box lines = beside ? area.inset(0, 0, 0, label + 4) : area.inset(head * 0.6, 0, 0, 0);
            for (double y = lines.y() + s.points(); y <= lines.bottom() - 1; y += s.points()) {
                pen.line(lines.x(), y, lines.right(), y, 0.45, Role.SOFT_LINE);
            }
        });
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return SIZE * 1.5 + spacing.map(s -> s.points() * 2).orElse(0.0);
    }
}
