package jorn.check;

import java.util.Optional;
import jorn.art.Ink;
import jorn.art.Mark;

/** The inks of marks. */
final class Inks {
    private Inks() {}

    /** The ink that a mark is drawn with; none for a picture or a group. */
    static Optional<Ink> of(Mark mark) {
        if (mark instanceof Mark.Fill fill) {
            return Optional.of(fill.ink());
        }
        if (mark instanceof Mark.Stroke stroke) {
            return Optional.of(stroke.ink());
        }
        if (mark instanceof Mark.Shade shade) {
            return Optional.of(shade.from().isColoured() ? shade.from() : shade.to());
        }
        return mark instanceof Mark.Words words ? Optional.of(words.ink()) : Optional.empty();
    }
}
