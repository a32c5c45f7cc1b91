package jorn.art;

import java.util.List;
import java.util.Optional;

/** The inks of marks. */
public final class MarkInks {
    private MarkInks() {}

    /** Whether any of them needs another ink than black. */
    public static boolean haveColour(List<Mark> marks) {
        return Marks.single(marks).anyMatch(MarkInks::hasColour);
    }

    private static boolean hasColour(Mark mark) {
        return mark instanceof Mark.Image image
                ? PictureColours.areColoured(image.picture())
                : of(mark).filter(Ink::isColoured).isPresent();
    }

    /** The ink that a mark is drawn with; none for a picture or a group. */
    public static Optional<Ink> of(Mark mark) {
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
