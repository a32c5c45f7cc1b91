package jorn.block.paper;

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
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * A part with room round it, and if wanted a tint behind it, a border, and a title on the border.
 *
 * @param node what is inside
 * @param padding room between border and inside
 * @param tint whether there is a tint behind it
 * @param border weight of the border in points; 0 for none
 * @param title above the inside; may be empty, may hold fields
 */
public record Framed(
        @Required Node node,
        @Label("block.framed.room-inside") Length padding,
        @Label("block.framed.tint-behind") boolean tint,
        @Label(value = "block.framed.border", as = SettingKind.WEIGHT) double border,
        @Label(value = "block.framed.title", onPage = true) String title)
        implements Node {
    static final NodeKind<Framed> KIND = NodeKind.of("framed", Framed.class)
            .filling()
            .called(f -> Wording.of("block.framed.box"))
            .offered(
                    "notes",
                    Wording.of("block.framed.titled-box"),
                    Wording.of("block.framed.box-with-title-lines"),
                    () -> titled("@notes", new RuledLines(Ruling.customary())));

    private static final double TITLE_SIZE = 10.5;
    private static final double TITLE_ROOM = 15;

    public Framed {
        padding = Limits.room(padding, Wording.of("block.framed.room-inside"));
        title = Limits.heading(title);
        if (!(border >= 0) || border > 12) {
            throw Trouble.of("block.framed.border-pt-cannot-drawn", border);
        }
    }

    /** A box with a title. */
    public static Framed titled(String title, Node node) {
        return new Framed(node, Length.mm(2), false, 0.6, title);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        if (tint) {
            pen.tint(area, Role.TINT);
        }
        if (border > 0) {
            pen.box(area, border, Role.LINE);
        }
        Box inside = area.within(padding.points());
        String words = flow.fill(title);
        if (hasTitle(inside, flow)) {
            pen.words(
                    words,
                    inside,
                    inside.y() + TITLE_SIZE * 0.8,
                    TITLE_SIZE,
                    Voice.HEADING,
                    Style.BOLD,
                    Role.HEADING,
                    Align.LEFT);
        }
        node.draw(places(area, flow).get(0), flow, out);
    }

    @Override
    public List<Box> places(Box area, Flow flow) {
        Box inside = area.within(padding.points());
        return List.of(hasTitle(inside, flow) ? inside.inset(TITLE_ROOM, 0, 0, 0) : inside);
    }

    private boolean hasTitle(Box inside, Flow flow) {
        return !flow.fill(title).isBlank() && inside.height() > TITLE_ROOM;
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        double inner = node.naturalHeight(width - 2 * padding.points(), flow);
        return inner + 2 * padding.points() + (title.isBlank() ? 0 : TITLE_ROOM);
    }

    @Override
    public List<Node> children() {
        return List.of(node);
    }

    @Override
    public Framed withChildren(List<Node> nodes) {
        return new Framed(nodes.get(0), padding, tint, border, title);
    }
}
