package jorn.pattern.page;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.MarkVisitor;
import jorn.art.Stamp;

/** The lines of a page in another ink. */
final class Relined implements MarkVisitor<Mark> {
    private final Ink ink;
    private final Map<Stamp, Stamp> stamps = new HashMap<>();

    Relined(Ink ink) {
        this.ink = ink;
    }

    private List<Mark> all(List<Mark> marks) {
        return marks.stream().map(m -> m.accept(this)).toList();
    }

    @Override
    public Mark stroke(Mark.Stroke s) {
        return new Mark.Stroke(s.path(), s.width(), ink, s.dash(), s.round());
    }

    @Override
    public Mark fill(Mark.Fill fill) {
        return new Mark.Fill(fill.path(), ink);
    }

    @Override
    public Mark stamped(Mark.Stamped s) {
        Stamp other = stamps.computeIfAbsent(s.stamp(), from -> new Stamp(all(from.marks())));
        return new Mark.Stamped(other, s.dx(), s.dy());
    }

    @Override
    public Mark turned(Mark.Turned t) {
        return new Mark.Turned(t.turn(), all(t.marks()));
    }

    @Override
    public Mark clip(Mark.Clip c) {
        return new Mark.Clip(c.shape(), all(c.marks()));
    }

    @Override
    public Mark group(Mark.Group g) {
        return new Mark.Group(g.opacity(), all(g.marks()));
    }

    @Override
    public Mark shade(Mark.Shade shade) {
        return shade;
    }

    @Override
    public Mark words(Mark.Words words) {
        return words;
    }

    @Override
    public Mark image(Mark.Image image) {
        return image;
    }

    @Override
    public Mark link(Mark.Link link) {
        return link;
    }

    @Override
    public Mark foreign(Mark.Foreign foreign) {
        return foreign;
    }
}
