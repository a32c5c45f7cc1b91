package jorn.art;

import java.util.List;

/**
 * One thing drawn on a surface. Marks are values: a sink visits them, nothing changes them. There is no other way to tell
 * them apart than a {@link MarkVisitor}, so that a sink that forgets a kind of mark does not compile.
 */
public sealed interface Mark {
    /** Lets the visitor do what it does with this kind of mark. */
    <R> R accept(MarkVisitor<R> visitor);

    /** The box round what is drawn, as far as it can be told without the face's outlines and without the weight of lines. */
    Box bounds();

    /** The marks inside of it, each as it stands in the group; none for a single mark. */
    default List<Mark> inside() {
        return List.of();
    }

    /** An area filled with ink. */
    record Fill(Path path, Ink ink) implements Mark {
        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.fill(this);
        }

        @Override
        public Box bounds() {
            return path.bounds();
        }
    }

    /**
     * An area in which one ink passes into another along a straight line; beyond its ends each goes on as it is.
     *
     * @param line from where the first ink is full to where the second is; a line
     */
    record Shade(Path path, Ink from, Ink to, Ends line) implements Mark {
        /** The two ends of the passage. */
        public record Ends(double x1, double y1, double x2, double y2) {}

        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.shade(this);
        }

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
     * @param round whether ends and corners are rounded; otherwise ends are cut off square, and corners are pointed
     */
    record Stroke(Path path, double width, Ink ink, List<Double> dash, boolean round) implements Mark {
        public Stroke {
            dash = List.copyOf(dash);
        }

        public Stroke(Path path, double width, Ink ink, List<Double> dash) {
            this(path, width, ink, dash, false);
        }

        public Stroke(Path path, double width, Ink ink) {
            this(path, width, ink, List.of());
        }

        /** A whole line with round ends and corners, as a pen draws it. */
        public static Stroke round(Path path, double width, Ink ink) {
            return new Stroke(path, width, ink, List.of(), true);
        }

        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.stroke(this);
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
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.words(this);
        }

        @Override
        public Box bounds() {
            return Box.between(x, y - 0.75 * run.size(), x + run.width(), y + 0.25 * run.size());
        }
    }

    /** Art drawn once and placed here, from its own origin. */
    record Stamped(Stamp stamp, double dx, double dy) implements Mark {
        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.stamped(this);
        }

        @Override
        public Box bounds() {
            return stamp.bounds().moved(dx, dy);
        }

        @Override
        public List<Mark> inside() {
            return stamp.marks();
        }
    }

    /** Marks moved and turned together. */
    record Turned(Turn turn, List<Mark> marks) implements Mark {
        public Turned {
            marks = List.copyOf(marks);
        }

        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.turned(this);
        }

        @Override
        public Box bounds() {
            return turn.of(Marks.bounds(marks));
        }

        @Override
        public List<Mark> inside() {
            return marks;
        }
    }

    /**
     * A picture, or a part of one, stretched over a box.
     *
     * @param from the part that is shown, in pixels
     * @param to where it stands
     * @param opacity 1 as it is, 0 not seen: mixed with the white of the paper; nothing shines through, as presses ask
     * @param tone how it is coloured
     */
    record Image(Picture picture, Box from, Box to, double opacity, Tone tone) implements Mark {
        public Image {
            opacity = requireOpacity(opacity);
        }

        /** In its own colours. */
        public Image(Picture picture, Box from, Box to, double opacity) {
            this(picture, from, to, opacity, Tone.AS_IT_IS);
        }

        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.image(this);
        }

        @Override
        public Box bounds() {
            return to;
        }
    }

    /**
     * A place that leads elsewhere when it is touched on a screen; it draws nothing.
     *
     * @param at where it is touched
     */
    record Link(Box at, Target target) implements Mark {
        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.link(this);
        }

        @Override
        public Box bounds() {
            return at;
        }
    }

    /** Marks of which only what lies inside a shape is seen. */
    record Clip(Path shape, List<Mark> marks) implements Mark {
        public Clip {
            marks = List.copyOf(marks);
        }

        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.clip(this);
        }

        @Override
        public Box bounds() {
            return Marks.bounds(marks).common(shape.bounds());
        }

        @Override
        public List<Mark> inside() {
            return marks;
        }
    }

    /**
     * Marks that let what is below them shine through, all together. Presses that forbid transparency refuse it.
     *
     * @param opacity 1 as they are, 0 not seen
     */
    record Group(double opacity, List<Mark> marks) implements Mark {
        public Group {
            opacity = requireOpacity(opacity);
            marks = List.copyOf(marks);
        }

        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.group(this);
        }

        @Override
        public Box bounds() {
            return Marks.bounds(marks);
        }

        @Override
        public List<Mark> inside() {
            return marks;
        }
    }

    /**
     * A page of a PDF that was made elsewhere, placed whole, stretched over a box.
     *
     * @param to where it stands
     */
    record Foreign(ForeignPage page, Box to) implements Mark {
        @Override
        public <R> R accept(MarkVisitor<R> visitor) {
            return visitor.foreign(this);
        }

        @Override
        public Box bounds() {
            return to;
        }
    }

    private static double requireOpacity(double opacity) {
        if (!(opacity >= 0) || opacity > 1) {
            throw new IllegalArgumentException("opacity " + opacity);
        }
        return opacity;
    }
}
