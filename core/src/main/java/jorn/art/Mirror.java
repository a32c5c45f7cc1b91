package jorn.art;

import java.util.ArrayList;
import java.util.List;

/**
 * Left and right exchanged about an upright axis. Places, lines and shapes change sides; words, pictures and foreign pages change
 * their places only, so that they can still be read. Pages of languages that are written from right to left are laid out so: the
 * first column stands at the right, and its figures read as ever.
 */
public final class Mirror implements MarkVisitor<Mark> {
    private final double sum;

    private Mirror(double sum) {
        this.sum = sum;
    }

    /** About the middle of a box. */
    public static Mirror in(Box box) {
        return new Mirror(box.x() + box.right());
    }

    public List<Mark> of(List<Mark> marks) {
        List<Mark> all = new ArrayList<>(marks.size());
        marks.forEach(m -> all.add(m.accept(this)));
        return all;
    }

    public Box of(Box box) {
        return new Box(sum - box.right(), box.y(), box.width(), box.height());
    }

    /** The frame as it is seen in the mirror. */
    public Frame of(Frame frame) {
        return new Frame(
                frame.side(),
                !frame.gutterAtLeft(),
                of(frame.trim()),
                of(frame.bleed()),
                of(frame.text()),
                frame.keptFree().stream().map(this::of).toList());
    }

    private Path of(Path path) {
        if (path.isBox()) {
            return Path.box(of(path.bounds()));
        }
        Path.Builder all = Path.builder();
        path.walk(new Path.Walker() {
            @Override
            public void move(double x, double y) {
                all.move(sum - x, y);
            }

            @Override
            public void line(double x, double y) {
                all.line(sum - x, y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                all.curve(sum - x1, y1, sum - x2, y2, sum - x, y);
            }

            @Override
            public void close() {
                all.close();
            }
        });
        return all.build();
    }

    @Override
    public Mark fill(Mark.Fill fill) {
        return new Mark.Fill(of(fill.path()), fill.ink());
    }

    @Override
    public Mark shade(Mark.Shade shade) {
        Mark.Shade.Ends s = shade.line();
        Mark.Shade.Ends other = new Mark.Shade.Ends(sum - s.x1(), s.y1(), sum - s.x2(), s.y2());
        return new Mark.Shade(of(shade.path()), shade.from(), shade.to(), other);
    }

    @Override
    public Mark stroke(Mark.Stroke stroke) {
        return new Mark.Stroke(of(stroke.path()), stroke.width(), stroke.ink(), stroke.dash(), stroke.round());
    }

    @Override
    public Mark words(Mark.Words words) {
        return new Mark.Words(sum - words.x() - words.run().width(), words.y(), words.run(), words.ink());
    }

    @Override
    public Mark stamped(Mark.Stamped place) {
        // The stamp's own marks change sides about its origin, which is placed on the other side.
        return new Mark.Stamped(new Stamp(new Mirror(0).of(place.stamp().marks())), sum - place.dx(), place.dy());
    }

    @Override
    public Mark turned(Mark.Turned turned) {
        Turn t = turned.turn();
        Turn other = new Turn(t.a(), -t.b(), -t.c(), t.d(), sum - t.e(), t.f());
        return new Mark.Turned(other, new Mirror(0).of(turned.marks()));
    }

    @Override
    public Mark image(Mark.Image image) {
        return new Mark.Image(image.picture(), image.from(), of(image.to()), image.opacity(), image.tone());
    }

    @Override
    public Mark link(Mark.Link link) {
        return new Mark.Link(of(link.at()), link.target());
    }

    @Override
    public Mark clip(Mark.Clip clip) {
        return new Mark.Clip(of(clip.shape()), of(clip.marks()));
    }

    @Override
    public Mark group(Mark.Group group) {
        return new Mark.Group(group.opacity(), of(group.marks()));
    }

    @Override
    public Mark foreign(Mark.Foreign foreign) {
        return new Mark.Foreign(foreign.page(), of(foreign.to()));
    }
}
