package jorn.page;

import java.util.List;
import java.util.stream.Stream;

/** One thing drawn on a page. Marks are values: a sink walks them, nothing changes them. */
public sealed interface Mark {
    /** The box round what is drawn, as far as it can be told without the face's outlines. */
    Box bounds();

    /** An area filled with ink. */
    record Fill(Path path, Ink ink) implements Mark {
        @Override
        public Box bounds() {
            return path.bounds();
        }
    }

    /**
     * A line drawn with ink.
     *
     * @param width in points
     * @param dash lengths of dash and gap in turn, in points; empty for a whole line
     */
    record Stroke(Path path, double width, Ink ink, List<Double> dash) implements Mark {
        public Stroke {
            dash = List.copyOf(dash);
        }

        public Stroke(Path path, double width, Ink ink) {
            this(path, width, ink, List.of());
        }

        @Override
        public Box bounds() {
            return path.bounds();
        }
    }

    /**
     * A line of text.
     *
     * @param x where it begins
     * @param y its baseline
     */
    record Words(double x, double y, GlyphRun run, Ink ink) implements Mark {
        @Override
        public Box bounds() {
            return Box.between(x, y - 0.75 * run.size(), x + run.width(), y + 0.25 * run.size());
        }
    }

    /** Art drawn once and placed here, from its own origin. */
    record Place(Stamp stamp, double dx, double dy) implements Mark {
        @Override
        public Box bounds() {
            return stamp.bounds().moved(dx, dy);
        }
    }

    /** Marks moved and turned together. */
    record Turned(Turn turn, List<Mark> marks) implements Mark {
        public Turned {
            marks = List.copyOf(marks);
        }

        @Override
        public Box bounds() {
            return turn.of(Mark.bounds(marks));
        }
    }

    /**
     * A picture, or a part of one, stretched over a box.
     *
     * @param from the part that is shown, in pixels
     * @param to where it stands
     * @param opacity 1 as it is, towards 0 mixed with the white of the paper; nothing shines through, as presses ask
     */
    record Image(Picture picture, Box from, Box to, double opacity) implements Mark {
        @Override
        public Box bounds() {
            return to;
        }
    }

    /** The single marks, those in stamps and turned groups too, each as it stands in its group. */
    static Stream<Mark> single(List<Mark> marks) {
        return marks.stream().flatMap(m -> {
            if (m instanceof Place p) {
                return single(p.stamp().marks());
            }
            return m instanceof Turned t ? single(t.marks()) : Stream.of(m);
        });
    }

    /** The box round several marks. */
    static Box bounds(List<Mark> marks) {
        return marks.stream().map(Mark::bounds).reduce(Box::with).orElse(new Box(0, 0, 0, 0));
    }
}
