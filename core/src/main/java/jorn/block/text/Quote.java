package jorn.block.text;

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
 * Words set apart in the middle, with whose they are below.
 *
 * @param text may hold fields
 * @param source whose words; may be empty
 * @param size type size
 * @param rules whether a short line stands above and below
 */
public record Quote(
        @Label(value = "block.quote.words", onPage = true) @Required String text,
        @Label("block.quote.who-said") String source,
        @Label(value = "block.quote.type-size", as = SettingKind.TYPE_SIZE) @Required Length size,
        @Label("block.quote.lines-round") boolean rules)
        implements Node {
    static final NodeKind<Quote> KIND = NodeKind.of("quote", Quote.class)
            .offered(
                    "quote",
                    Wording.of("block.quote.quote"),
                    Wording.of("block.quote.words-set-apart"),
                    () -> new Quote(Wording.of("block.quote.words-keep"), "", Length.points(14), true));

    private static final double RULE_ROOM = 12;
    private static final double NARROWER = 0.86;

    public Quote {
        text = Limits.words(text);
        size = Limits.type(size);
        source = Limits.heading(source);
    }

    private TextBlock words() {
        return new TextBlock(text, Voice.HEADING, Style.ITALIC, size, Align.CENTRE);
    }

    private TextBlock whose() {
        return new TextBlock(source, Voice.BODY, Style.REGULAR, size.times(0.7), Align.CENTRE);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double room = rules ? RULE_ROOM : 0;
        Box inner = area.inset(room, area.width() * (1 - NARROWER) / 2, room, area.width() * (1 - NARROWER) / 2);
        double h = words().naturalHeight(inner.width(), flow);
        double s = source.isBlank() ? 0 : whose().naturalHeight(inner.width(), flow) + 4;
        double top = inner.y() + Math.max(0, (inner.height() - h - s) / 2);
        words().draw(new Box(inner.x(), top, inner.width(), h), flow, out);
        whose().draw(new Box(inner.x(), top + h + 4, inner.width(), s), flow, out);
        if (rules) {
            double half = Math.min(30, area.width() / 4);
            for (double y :
                    new double[] {Math.max(area.y() + 1, top - 8), Math.min(area.bottom() - 1, top + h + s + 8)}) {
                pen.line(area.centreX() - half, y, area.centreX() + half, y, 0.7, Role.ACCENT);
            }
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        double w = width * NARROWER;
        return words().naturalHeight(w, flow)
                + (source.isBlank() ? 0 : whose().naturalHeight(w, flow) + 4)
                + (rules ? 2 * RULE_ROOM : 0);
    }
}
