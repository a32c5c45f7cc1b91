package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.PageArt;
import jorn.art.Turn;
import jorn.content.Memo;
import jorn.content.Request.Room;
import jorn.desk.model.Hands;
import jorn.desk.model.Mishap;
import jorn.desk.view.Painter;
import jorn.pattern.motif.MotifLine;
import jorn.pattern.motif.PatternMotif;
import jorn.pattern.page.PatternSpec;

/** Small pictures of motifs and patterns, painted once; those of patterns beside the interface thread. Used on the interface thread. */
final class PatternPictures {
    private static final int KEPT = 160;

    private static final Memo<Object, Image> PAINTED = new Memo<>(KEPT);

    private static final Hands HANDS = new Hands("pattern pictures", Platform::runLater);

    private static volatile Object latest = PAINTED;

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

    /**
     * Shows a square of a pattern, as soon as it is painted.
     *
     * @param whose what shows it; nothing is painted for others any more
     */
    @SuppressWarnings("ReferenceEquality") // the very same is meant
    static void show(Object whose, ImageView view, PatternSpec spec, double side, int wide) {
        latest = whose;
        Small small = new Small(spec, side, wide);
        Optional<Image> known = PAINTED.find(small);
        view.setFitWidth(wide);
        view.setFitHeight(wide);
        if (known.isPresent()) {
            view.setImage(known.get());
            return;
        }
        HANDS.fetch(
                () -> latest != whose
                        ? Optional.<Image>empty()
                        : Optional.of(PAINTED.of(small, () -> PatternPad.image(spec, new Room(side, side, 0), wide))),
                painted -> painted.ifPresent(view::setImage),
                Mishap::log);
    }
}
