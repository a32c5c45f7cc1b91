package jorn.recipe;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.Typeface;

/**
 * Words, with fields such as {title} and {author}.
 *
 * @param text may be empty, and may hold fields
 * @param voice in the typeface for headings or for text
 * @param style of the face
 * @param size type size
 * @param align where the lines stand
 * @param undated label of a line to write on where the page has no date; absent to leave the words as they are
 */
public record TextBlock(
        @Required String text,
        @Required Voice voice,
        @Required Typeface.Style style,
        @Required Length size,
        @Required Align align,
        Optional<String> undated)
        implements Node {
    public TextBlock {
        text = Limits.words(text);
        size = Limits.type(size);
        undated = undated == null ? Optional.empty() : undated;
    }

    private static final double LEADING = 1.25;

    public TextBlock(String text, Voice voice, Typeface.Style style, Length size, Align align) {
        this(text, voice, style, size, align, Optional.empty());
    }

    /** The same, with a line to write on where the page has no date. */
    public TextBlock orLine(String label) {
        return new TextBlock(text, voice, style, size, align, Optional.of(label));
    }

    /** The line to write on, where this page needs one. */
    private Optional<WritingLine> line(Flow flow) {
        return undated.filter(u -> flow.occasion().from().isEmpty()).map(u -> new WritingLine(u, Length.mm(9)));
    }

    /** Which of the book's typefaces speaks. */
    public enum Voice {
        HEADING("heading"),
        BODY("body"),
        FIGURES("figures");

        private final String id;

        Voice(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** Where lines stand in their width. */
    public enum Align {
        LEFT("left"),
        CENTRE("centre"),
        RIGHT("right");

        private final String id;

        Align(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Optional<WritingLine> undatedLine = line(flow);
        if (undatedLine.isPresent()) {
            undatedLine.get().draw(area, flow, out);
            return;
        }
        String words = flow.fill(text).strip();
        if (words.isBlank()) {
            return;
        }
        Face face = face(flow);
        double points = fitted(face, words, area.width());
        double y = area.y() + points * (LEADING + face.capHeight()) / 2;
        for (String line : LineBreaker.breakAt(face, points, words, area.width())) {
            GlyphRun run = Shaper.shape(face, points, line);
            double spare = area.width() - run.width();
            double x =
                    switch (align) {
                        case LEFT -> area.x();
                        case CENTRE -> area.x() + spare / 2;
                        case RIGHT -> area.x() + spare;
                    };
            out.add(new Mark.Words(x, y, run, flow.palette().ink(voice == Voice.HEADING ? Role.HEADING : Role.TEXT)));
            y += points * LEADING;
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        Optional<WritingLine> undatedLine = line(flow);
        if (undatedLine.isPresent()) {
            return undatedLine.get().naturalHeight(width, flow);
        }
        String words = flow.fill(text).strip();
        if (words.isBlank()) {
            return 0;
        }
        Face face = face(flow);
        double points = fitted(face, words, width);
        return LineBreaker.breakAt(face, points, words, width).size() * points * LEADING;
    }

    @Override
    public boolean variesByPage() {
        return Flow.mentions(text, "page");
    }

    @Override
    public boolean variesByOccasion() {
        return undated.isPresent() || Flow.mentionsOccasion(text);
    }

    private Face face(Flow flow) {
        return flow.face(voice).face(style);
    }

    /** The type size, made smaller where a single word would not fit the width. */
    private double fitted(Face face, String words, double width) {
        double widest = 0;
        for (String word : words.split("\\s+")) {
            widest = Math.max(widest, Shaper.widthPerPoint(face, word));
        }
        return widest * size.points() > width ? width / widest : size.points();
    }
}
