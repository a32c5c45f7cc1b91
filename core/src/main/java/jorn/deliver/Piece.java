package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkInks;
import jorn.art.Path;
import jorn.art.Turn;

/**
 * A single mark taken out of its groups: where it stands, and what it is clipped to.
 *
 * @param mark without others in it
 * @param at from its own points to the page's
 * @param clips shapes outside of which nothing of it is seen
 */
record Piece(Mark mark, Turn at, List<Shape> clips) {
    /** A shape and where it stands. */
    record Shape(Path path, Turn at) {}

    Piece {
        clips = List.copyOf(clips);
    }

    Box bounds() {
        Box box = at.of(mark.bounds());
        for (Shape clip : clips) {
            box = box.common(clip.at().of(clip.path().bounds()));
        }
        return box;
    }

    /** Bounds with the weight of a line. */
    Box inked() {
        return mark instanceof Mark.Stroke s ? bounds().outset(s.width() * at.enlarges() / 2) : bounds();
    }

    /** The shape of an area; nothing for words, lines and pictures. */
    Optional<Shape> shape() {
        return mark instanceof Mark.Fill f
                ? Optional.of(new Shape(f.path(), at))
                : mark instanceof Mark.Shade s ? Optional.of(new Shape(s.path(), at)) : Optional.empty();
    }

    /** Whether nothing below it is seen anywhere in a box. */
    boolean coversAll(Box box) {
        boolean upright = at.b() == 0 && at.c() == 0;
        return clips.isEmpty()
                && upright
                && shape().filter(s -> s.path().isBox()).isPresent()
                && bounds().holds(box);
    }

    /** Whether its colours are pixels, which cannot be mixed as inks. */
    boolean isPicture() {
        return mark instanceof Mark.Image || mark instanceof Mark.Foreign;
    }

    boolean isShade() {
        return mark instanceof Mark.Shade;
    }

    /** Its ink; of a passage the one half way; nothing for pictures. */
    Optional<Ink> ink() {
        return mark instanceof Mark.Shade s ? Optional.of(s.from().mixed(s.to(), 0.5)) : MarkInks.of(mark);
    }

    Piece in(List<Shape> more) {
        List<Shape> all = new ArrayList<>(clips);
        all.addAll(more);
        return new Piece(mark, at, all);
    }

    /** The same in other inks; a picture stays as it is. */
    Piece inked(UnaryOperator<Ink> change) {
        Mark other = mark;
        if (mark instanceof Mark.Fill f) {
            other = new Mark.Fill(f.path(), change.apply(f.ink()));
        } else if (mark instanceof Mark.Stroke s) {
            other = new Mark.Stroke(s.path(), s.width(), change.apply(s.ink()), s.dash(), s.round());
        } else if (mark instanceof Mark.Words w) {
            other = new Mark.Words(w.x(), w.y(), w.run(), change.apply(w.ink()));
        } else if (mark instanceof Mark.Shade s) {
            other = new Mark.Shade(s.path(), change.apply(s.from()), change.apply(s.to()), s.line());
        }
        return new Piece(other, at, clips);
    }

    /** As a mark of the page. */
    Mark whole() {
        Mark whole = at.equals(Turn.NONE) ? mark : new Mark.Turned(at, List.of(mark));
        for (Shape clip : clips) {
            whole = clipped(whole, clip);
        }
        return whole;
    }

    /** Clips are shapes of the page; one that stands turned is moved there with what it clips. */
    private static Mark clipped(Mark mark, Shape clip) {
        if (clip.at().equals(Turn.NONE)) {
            return new Mark.Clip(clip.path(), List.of(mark));
        }
        Mark back = new Mark.Turned(clip.at().back(), List.of(mark));
        return new Mark.Turned(clip.at(), List.of(new Mark.Clip(clip.path(), List.of(back))));
    }
}
