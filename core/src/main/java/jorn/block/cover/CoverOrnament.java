package jorn.block.cover;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;
import jorn.style.Motifs;
import jorn.style.Ornaments;

/**
 * The style's drawing on the front of the cover, and where its pages stand in a frame, such a frame.
 *
 * @param ground on which it stands
 * @param ink colour of the frame, and of the drawing where the style's own would not be seen
 */
public record CoverOrnament(@Required Ink ground, @Required Ink ink) implements Node {
    static final NodeKind<CoverOrnament> KIND = NodeKind.of("cover-ornament", CoverOrnament.class)
            .filling()
            .called(o -> Wording.of("block.drawing.drawing"));

    /** Where the drawing lies, as shares of the front's height; below the title, above the author. */
    private static final double TOP = 0.53;

    private static final double HEIGHT = 0.26;
    private static final double WIDEST = 0.5;

    /** Less contrast with the ground, and it would not be seen at the size of a stamp. */
    private static final double LEAST_CONTRAST = 1.8;

    private static final double STRONG = 1.6;
    private static final double FINE = 0.5;
    private static final double BETWEEN = 3;

    @Override
    public void draw(Box front, Flow flow, List<Mark> out) {
        Ornaments own = flow.style().details().ornaments();
        double w = front.width() * WIDEST;
        Box at = new Box(front.centreX() - w / 2, front.y() + TOP * front.height(), w, HEIGHT * front.height());
        out.addAll(Motifs.of(own.motif()).draw(at, seen(flow), own.seed()));
        if (flow.style().boxes().page()) {
            Box safe = flow.frame().text();
            out.add(new Mark.Stroke(Path.box(safe.inset(STRONG)), STRONG, ink));
            out.add(new Mark.Stroke(Path.box(safe.inset(STRONG + BETWEEN)), FINE, ink));
        }
    }

    /** The style's colours, those alone that stand out from the ground. */
    private Palette seen(Flow flow) {
        return flow.style().dress().palette().recoloured((role, own) -> {
            boolean stands = own.contrast(ground) >= LEAST_CONTRAST;
            return stands ? own : role == Role.TINT ? ground : ink;
        });
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
