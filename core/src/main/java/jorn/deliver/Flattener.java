package jorn.deliver;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Turn;
import jorn.deliver.Piece.Shape;

/**
 * Takes transparency out of a page, so that it looks as before: what shines through is mixed with what lies below it. An area that shines over other
 * areas, lines or words is drawn as if on bare paper, and then all that it covers once more within its shape, in mixed inks. Words and lines that
 * shine are drawn once more within each area below them. So areas stay areas and words stay words. Only where pictures take part is the place made
 * one picture.
 *
 * <p>The mixture of two opaque inks is (1 − α) · below + α · above (ISO 32000-1, 11.3.3, normal blend mode). Where one thin line or word shines over
 * another, it takes the colour that it has beside it.
 */
public final class Flattener {
    /** Makes one picture of what is drawn. */
    public interface Rastering {
        /**
         * @param marks lowest first; the last may shine through
         * @param part of the page
         */
        Mark of(List<Mark> marks, Box part);
    }

    private final Rastering rastering;

    /** @param rastering for places where pictures take part */
    public Flattener(Rastering rastering) {
        this.rastering = rastering;
    }

    /** Whether anything shines through. */
    public static boolean isNeeded(List<Mark> marks) {
        return marks.stream().anyMatch(m -> (m instanceof Mark.Group g && g.opacity() < 1) || isNeeded(m.inside()));
    }

    /** The same page without anything that shines through. */
    public List<Mark> flat(List<Mark> marks) {
        if (!isNeeded(marks)) {
            return marks;
        }
        List<Piece> all = new ArrayList<>();
        opaque(marks, new Place(Turn.NONE, List.of()), all);
        return all.stream().map(Piece::whole).toList();
    }

    /** Where the marks of a group stand, and what clips them. */
    private record Place(Turn at, List<Shape> clips) {
        Place turned(Turn turn) {
            return new Place(at.after(turn), clips);
        }

        Place clipped(Shape clip) {
            List<Shape> all = new ArrayList<>(clips);
            all.add(clip);
            return new Place(at, all);
        }

        Piece piece(Mark mark) {
            return new Piece(mark, at, clips);
        }
    }

    private void opaque(List<Mark> marks, Place place, List<Piece> page) {
        each(marks, place, (mark, at) -> {
            if (mark instanceof Mark.Group g && g.opacity() < 1) {
                page.addAll(shining(g, at, List.copyOf(page)));
            } else {
                page.add(at.piece(mark));
            }
        });
    }

    /** Does something with each single mark, and with each group that shines through. */
    private static void each(List<Mark> marks, Place place, java.util.function.BiConsumer<Mark, Place> deed) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Stamped s) {
                each(s.inside(), place.turned(Turn.move(s.dx(), s.dy())), deed);
            } else if (mark instanceof Mark.Turned t) {
                each(t.inside(), place.turned(t.turn()), deed);
            } else if (mark instanceof Mark.Clip c) {
                each(c.inside(), place.clipped(new Shape(c.shape(), place.at())), deed);
            } else if (mark instanceof Mark.Group g && g.opacity() == 1) {
                each(g.inside(), place, deed);
            } else if (!(mark instanceof Mark.Link)) {
                deed.accept(mark, place);
            }
        }
    }

    /**
     * What a group looks like over what is below. Each of its marks covers those before it in the group; a group in it shines over these and over
     * what is below.
     */
    private List<Piece> shining(Mark.Group group, Place place, List<Piece> below) {
        List<Piece> result = new ArrayList<>();
        each(group.marks(), place, (mark, at) -> {
            if (mark instanceof Mark.Group inner) {
                List<Piece> under = new ArrayList<>(below);
                under.addAll(result);
                for (Piece piece : shining(new Mark.Group(group.opacity(), inner.marks()), at, below)) {
                    result.addAll(over(piece, inner.opacity(), under));
                }
            } else {
                result.addAll(over(at.piece(mark), group.opacity(), below));
            }
        });
        return result;
    }

    /** A piece that shines, over what is below it. */
    private List<Piece> over(Piece above, double opacity, List<Piece> below) {
        List<Piece> result = new ArrayList<>();
        result.add(onPaper(above, opacity));
        List<Piece> so = new ArrayList<>();
        for (Piece under : below) {
            so.add(under);
            Box common = above.inked().common(under.inked());
            if (common.isEmpty()) {
                continue;
            }
            if (under.coversAll(above.inked())) {
                result.clear();
            }
            if (above.isPicture() || under.isPicture() || (above.isShade() && under.isShade())) {
                result.add(raster(above, opacity, so, common));
            } else if (above.shape().isPresent()) {
                List<Shape> inside = new ArrayList<>(above.clips());
                inside.add(above.shape().get());
                result.add(under.inked(i -> mixed(i, above.ink().orElseThrow(), opacity))
                        .in(inside));
            } else if (under.shape().isPresent()) {
                List<Shape> inside = new ArrayList<>(under.clips());
                inside.add(under.shape().get());
                result.add(above.inked(i -> mixed(under.ink().orElseThrow(), i, opacity))
                        .in(inside));
            }
        }
        return result;
    }

    private Piece onPaper(Piece above, double opacity) {
        if (above.mark() instanceof Mark.Image i) {
            Mark faded = new Mark.Image(i.picture(), i.from(), i.to(), i.opacity() * opacity, i.tone());
            return new Piece(faded, above.at(), above.clips());
        }
        return above.inked(i -> mixed(Ink.WHITE, i, opacity));
    }

    /** One picture of the place, seen through the shape of what shines. */
    private Piece raster(Piece above, double opacity, List<Piece> below, Box part) {
        List<Mark> all = new ArrayList<>(below.stream()
                .filter(p -> p.inked().meets(part))
                .map(Piece::whole)
                .toList());
        all.add(new Mark.Group(opacity, List.of(above.whole())));
        List<Shape> inside = new ArrayList<>(above.clips());
        above.shape().ifPresent(inside::add);
        return new Piece(rastering.of(all, part), Turn.NONE, inside);
    }

    /** The mixture of two inks: of black and its tints a tint, of four inks each by itself, of others as a screen mixes light. */
    static Ink mixed(Ink below, Ink above, double opacity) {
        if (below instanceof Ink.Cmyk x && above instanceof Ink.Cmyk y) {
            return new Ink.Cmyk(
                    part(x.cyan(), y.cyan(), opacity),
                    part(x.magenta(), y.magenta(), opacity),
                    part(x.yellow(), y.yellow(), opacity),
                    part(x.black(), y.black(), opacity));
        }
        if (below instanceof Ink.Black x && above instanceof Ink.Black y) {
            return Ink.black(part(x.strength(), y.strength(), opacity));
        }
        return below == Ink.WHITE ? above.faded(opacity) : below.mixed(above, opacity);
    }

    private static double part(double below, double above, double opacity) {
        return below + (above - below) * opacity;
    }
}
