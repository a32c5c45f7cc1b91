package jorn.block.picture;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Picture;
import jorn.art.PictureCredit;
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
import jorn.text.LineBreaker;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * Where the book's pictures come from, written from what is noted of each: its name, author, source and licence.
 *
 * @param size type size
 */
public record PictureCredits(
        @Label(value = "block.contents-list.type-size", as = SettingKind.TYPE_SIZE) @Required Length size)
        implements Node {
    static final NodeKind<PictureCredits> KIND = NodeKind.of("credits", PictureCredits.class)
            .filling()
            .offered(
                    "credits",
                    Wording.of("block.credits.name"),
                    Wording.of("block.credits.says"),
                    () -> new PictureCredits(Length.points(9)));

    private static final double LEADING = 1.35;

    public PictureCredits {
        size = Limits.type(size);
    }

    /** A line for each picture of which anything is noted; equal ones once. */
    static List<String> lines(Iterable<Picture> pictures) {
        List<String> all = new ArrayList<>();
        for (Picture p : pictures) {
            PictureCredit c = p.credit();
            List<String> parts = new ArrayList<>();
            for (String each : List.of(c.author(), c.source(), c.licence())) {
                if (!each.isBlank()) {
                    parts.add(each);
                }
            }
            String line = p.bareName() + ": " + String.join(", ", parts);
            if (!parts.isEmpty() && !all.contains(line)) {
                all.add(line);
            }
        }
        return all;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double points = size.points();
        double y = area.y() + points;
        for (String line : lines(flow.pictures().values())) {
            for (String part :
                    LineBreaker.breakAt(flow.face(Voice.BODY).face(Style.REGULAR), points, line, area.width())) {
                if (y > area.bottom()) {
                    return;
                }
                pen.words(part, area, y, points, Voice.BODY, Style.REGULAR, Role.TEXT, Align.LEFT);
                y += points * LEADING;
            }
            y += points * 0.4;
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return Math.max(1, lines(flow.pictures().values()).size()) * size.points() * LEADING;
    }
}
