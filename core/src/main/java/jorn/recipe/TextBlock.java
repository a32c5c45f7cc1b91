package jorn.recipe;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.page.Box;
import jorn.page.GlyphRun;
import jorn.page.Ink;
import jorn.page.Mark;
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
 */
public record TextBlock(
        @Required String text,
        @Required Voice voice,
        @Required Typeface.Style style,
        @Required Length size,
        @Required Align align)
        implements Node {
    private static final double LEADING = 1.25;

    /** Which of the book's typefaces speaks. */
    public enum Voice {
        HEADING("heading"),
        BODY("body");

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
        String words = flow.fill(text);
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
            out.add(new Mark.Words(x, y, run, Ink.BLACK));
            y += points * LEADING;
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        String words = flow.fill(text);
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

    private Face face(Flow flow) {
        return (voice == Voice.HEADING ? flow.heading() : flow.body()).face(style);
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
