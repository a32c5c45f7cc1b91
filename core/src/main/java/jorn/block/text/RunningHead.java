package jorn.block.text;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Side;
import jorn.json.Required;
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
 * A line at the head that says where one is: customarily the title on versos, the part on rectos.
 *
 * @param verso words on left-hand pages of a book that reads from left to right; may hold fields
 * @param recto words on the others
 * @param place at the fore-edge, in the middle or at the gutter
 * @param size type size
 * @param rule whether a line runs below it
 */
public record RunningHead(
        @Label("block.running-head.left-hand-pages") String verso,
        @Label("block.running-head.right-hand-pages") String recto,
        @Label("block.running-head.where") Folio.FolioPlace place,
        @Label(value = "block.running-head.type-size", as = SettingKind.TYPE_SIZE) @Required Length size,
        @Label("block.running-head.line-below") boolean rule)
        implements Node {
    static final NodeKind<RunningHead> KIND = NodeKind.of("running-head", RunningHead.class)
            .offered(
                    "running-head",
                    Wording.of("block.running-head.running-head"),
                    Wording.of("block.running-head.title-part"),
                    RunningHead::customary);

    private static final double ROOM = 1.8;

    public RunningHead {
        size = Limits.type(size);
        verso = Limits.heading(verso);
        recto = Limits.heading(recto);
        place = place == null ? Folio.FolioPlace.FORE_EDGE : place;
    }

    /** Title on the verso, the run's name on the recto. */
    public static RunningHead customary() {
        return new RunningHead("{title}", "{run}", Folio.FolioPlace.FORE_EDGE, Length.points(8.5), true);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        String words = flow.fill(flow.side() == Side.VERSO ? verso : recto);
        double points = size.points();
        pen.words(
                words,
                area,
                area.y() + points,
                points,
                Voice.BODY,
                Style.ITALIC,
                Role.TEXT,
                place.on(flow.gutterAtLeft()));
        if (rule && !words.isBlank() && area.height() >= points * 1.4) {
            pen.line(area.x(), area.y() + points * 1.4, area.right(), area.y() + points * 1.4, 0.5, Role.LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points() * ROOM;
    }
}
