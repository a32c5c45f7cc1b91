package jorn.art;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

/** What can be told of many marks together. */
public final class Marks {
    private Marks() {}

    /**
     * A single mark and where it stands.
     *
     * @param mark a mark without others in it
     * @param at from the mark's own points to the surface's
     * @param bounds the box round it, in the surface's points, without what is clipped away
     * @param opacity of the groups that it stands in, multiplied
     */
    public record Standing(Mark mark, Turn at, Box bounds, double opacity) {
        /** Whether any of it is seen; a straight line has no width of its own, but what is clipped away has lost its. */
        public boolean isSeen() {
            Box whole = at.of(mark.bounds());
            return (bounds.width() > 0 || whole.width() == 0) && (bounds.height() > 0 || whole.height() == 0);
        }
    }

    /** Larger than any sheet. */
    private static final Box EVERYWHERE = new Box(-100_000, -100_000, 200_000, 200_000);

    /** Goes through the single marks, those in stamps and groups too, in the order in which they are drawn. */
    public static void walk(List<Mark> marks, Consumer<Standing> each) {
        walk(marks, Turn.NONE, EVERYWHERE, 1, each);
    }

    private static void walk(List<Mark> marks, Turn at, Box seen, double opacity, Consumer<Standing> each) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Stamped p) {
                walk(p.inside(), at.after(Turn.move(p.dx(), p.dy())), seen, opacity, each);
            } else if (mark instanceof Mark.Turned t) {
                walk(t.inside(), at.after(t.turn()), seen, opacity, each);
            } else if (mark instanceof Mark.Clip c) {
                walk(c.inside(), at, seen.common(at.of(c.shape().bounds())), opacity, each);
            } else if (mark instanceof Mark.Group g) {
                walk(g.inside(), at, seen, opacity * g.opacity(), each);
            } else {
                Box bounds = at.of(mark.bounds());
                boolean everywhere = seen.equals(EVERYWHERE);
                each.accept(new Standing(mark, at, everywhere ? bounds : bounds.common(seen), opacity));
            }
        }
    }

    /** The single marks and where each stands. */
    public static List<Standing> standing(List<Mark> marks) {
        java.util.ArrayList<Standing> all = new java.util.ArrayList<>();
        walk(marks, all::add);
        return all;
    }

    /** The single marks, each as it stands in its group. */
    public static Stream<Mark> single(List<Mark> marks) {
        return marks.stream().flatMap(m -> m.inside().isEmpty() ? Stream.of(m) : single(m.inside()));
    }

    /** The box round several marks; an empty one at the corner for none. */
    public static Box bounds(List<Mark> marks) {
        return marks.stream().map(Mark::bounds).reduce(Box::with).orElse(new Box(0, 0, 0, 0));
    }
}
