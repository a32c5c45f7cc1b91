package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.image.Image;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Turn;
import jorn.content.Kept;
import jorn.content.Request.Room;
import jorn.desk.view.Painter;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.page.PatternSpec;

/** Small pictures of motifs and patterns, painted once. Used on the interface thread. */
final class PatternPictures {
    private static final int KEPT = 160;

    private static final Kept<Object, Image> PAINTED = new Kept<>(KEPT);

    private record Small(PatternSpec spec, double side, int wide) {}

    private PatternPictures() {}

    /** A motif, so many pixels wide. */
    static Image of(PatternMotif motif, int wide) {
        return PAINTED.of(motif, () -> {
            Box box = new Box(0, 0, wide, wide);
            Turn at = Turn.scale(wide * 0.45, wide / 2.0, wide / 2.0);
            List<Mark> marks = new ArrayList<>();
            for (MotifLine line : motif.lines()) {
                marks.add(Mark.Stroke.round(line.path().turned(at), 0.9 * line.weight(), Ink.BLACK));
            }
            return Painter.fresh(new PageArt(box, box, marks), box, wide);
        });
    }

    /** A square of a pattern. */
    static Image of(PatternSpec spec, double side, int wide) {
        return PAINTED.of(new Small(spec, side, wide), () -> PatternPad.image(spec, new Room(side, side, 0), wide));
    }
}
