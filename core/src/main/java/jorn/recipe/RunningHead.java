package jorn.recipe;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Side;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.recipe.TextBlock.Voice;
import jorn.text.Typeface.Style;

/**
 * A line at the head that says where one is: customarily the title on versos, the part on rectos.
 *
 * @param verso words on left-hand pages of a book that reads from left to right; may hold fields
 * @param recto words on the others
 * @param place at the fore-edge, in the middle or at the gutter
 * @param size type size
 * @param rule whether a line runs below it
 */
public record RunningHead(String verso, String recto, Folio.Place place, @Required Length size, boolean rule)
        implements Node {
    private static final double ROOM = 1.8;

    public RunningHead {
        size = Limits.type(size);
        verso = verso == null ? "" : verso;
        recto = recto == null ? "" : recto;
        place = place == null ? Folio.Place.FORE_EDGE : place;
    }

    /** Title on the verso, the run's name on the recto. */
    public static RunningHead customary() {
        return new RunningHead("{title}", "{run}", Folio.Place.FORE_EDGE, Length.points(8.5), true);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        String words = flow.fill(flow.frame().side() == Side.VERSO ? verso : recto);
        double points = size.points();
        pen.words(
                words,
                area,
                area.y() + points,
                points,
                Voice.BODY,
                Style.ITALIC,
                Role.TEXT,
                place.on(flow.frame().gutterAtLeft()));
        if (rule && !words.isBlank() && area.height() >= points * 1.4) {
            pen.line(area.x(), area.y() + points * 1.4, area.right(), area.y() + points * 1.4, 0.5, Role.LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points() * ROOM;
    }

    @Override
    public boolean variesByPage() {
        return Flow.mentions(verso + recto, "page");
    }

    @Override
    public boolean variesByOccasion() {
        return Flow.mentionsOccasion(verso + recto);
    }

    @Override
    public boolean variesBySide() {
        return true;
    }
}
