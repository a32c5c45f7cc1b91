package jorn.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Marks.Standing;

/** What lies behind words: the last ground that is under their middle. Fed with all that stands on a page, in the order in which it is drawn. */
final class Behind {
    /** Bare paper. */
    static final Ink PAPER = Ink.hex("FFFFFF");

    private final List<Standing> grounds = new ArrayList<>();

    void add(Standing s) {
        if (s.mark() instanceof Mark.Fill
                || s.mark() instanceof Mark.Shade
                || s.mark() instanceof Mark.Image
                || s.mark() instanceof Mark.Foreign) {
            grounds.add(s);
        }
    }

    /** The ink behind something; paper where there is none, nothing where it is no ink. */
    Optional<Ink> of(Standing standing) {
        Box b = standing.bounds();
        Box middle = new Box(b.x() + b.width() / 2, b.y() + b.height() / 2, 0, 0);
        for (int i = grounds.size() - 1; i >= 0; i--) {
            Standing ground = grounds.get(i);
            if (ground.bounds().holds(middle)) {
                if (!(ground.mark() instanceof Mark.Fill fill)) {
                    return Optional.empty();
                }
                if (fill.path().isBox() || fill.path().holds(middle.x(), middle.y(), ground.at())) {
                    return Optional.of(seen(fill.ink(), ground));
                }
                // One path may be many shapes: between them the ground below is seen.
            }
        }
        return Optional.of(PAPER);
    }

    /** An ink as it is seen in its groups. */
    static Ink seen(Ink ink, Standing standing) {
        return standing.opacity() == 1 ? ink : ink.faded(standing.opacity());
    }
}
