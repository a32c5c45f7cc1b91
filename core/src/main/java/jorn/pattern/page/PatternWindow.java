package jorn.pattern.page;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.Locale;
import jorn.art.Box;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.shape.Silhouettes;
import jorn.shape.SvgOutline;

/**
 * The shape through which a pattern is seen.
 *
 * @param kind what it is
 * @param text a silhouette's name, letters, or the points of an outline; empty for the others
 */
@RecordBuilder
public record PatternWindow(@Required Pane kind, String text) implements PatternWindowBuilder.With {
    /** The whole page. */
    public static final PatternWindow PAGE = new PatternWindow(Pane.PAGE, "");

    private static final int MOST_LETTERS = 24;

    /** What windows there are. */
    public enum Pane {
        @Label("pattern.window.page")
        PAGE,
        @Label("pattern.window.round")
        ROUND,
        @Label("pattern.window.shape")
        SHAPE,
        @Label("pattern.window.letter")
        LETTER,
        @Label("pattern.window.word")
        WORD,
        @Label("pattern.window.outline")
        OUTLINE
    }

    public PatternWindow {
        text = text == null ? "" : text.strip();
        boolean named = kind != Pane.PAGE && kind != Pane.ROUND;
        if (named && text.isEmpty()) {
            throw Trouble.of("pattern.refused.window-of-nothing");
        }
        if (kind == Pane.SHAPE && !Silhouettes.isShipped(text)) {
            throw Trouble.of("pattern.refused.no-such-shape", text, String.join(", ", Silhouettes.names()));
        }
        if ((kind == Pane.LETTER || kind == Pane.WORD) && text.codePointCount(0, text.length()) > MOST_LETTERS) {
            throw Trouble.of("pattern.refused.window-too-long", text, MOST_LETTERS);
        }
        if (kind == Pane.LETTER || kind == Pane.WORD) {
            Silhouettes.of(text);
        }
        if (kind == Pane.OUTLINE) {
            outline(text);
        }
    }

    private static Shape outline(String points) {
        try {
            return SvgOutline.shape(points);
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw Trouble.because(
                    e, "pattern.refused.not-points", points.length() > 40 ? points.substring(0, 40) : points);
        }
    }

    /**
     * Reads {@code page}, {@code round}, {@code letter:B}, {@code word:HONEY}, {@code shape:butterfly}.
     *
     * @throws Trouble with what there is
     */
    public static PatternWindow parse(String said) {
        String[] two = said.strip().split(":", 2);
        try {
            return new PatternWindow(Pane.valueOf(two[0].toUpperCase(Locale.ROOT)), two.length < 2 ? "" : two[1]);
        } catch (IllegalArgumentException e) {
            throw Trouble.because(e, "pattern.refused.no-such-window", said.strip());
        }
    }

    /** As {@link #parse} reads it; an outline without its points. */
    public String said() {
        return kind.name().toLowerCase(Locale.ROOT) + (text.isEmpty() || kind == Pane.OUTLINE ? "" : ":" + text);
    }

    /** The shape, as large as a box holds it. */
    public Area in(Box box) {
        Shape shape =
                switch (kind) {
                    case PAGE -> new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height());
                    case ROUND -> {
                        double side = Math.min(box.width(), box.height());
                        yield new Ellipse2D.Double(box.centreX() - side / 2, box.centreY() - side / 2, side, side);
                    }
                    case SHAPE, LETTER -> fitted(Silhouettes.of(text), box);
                    case WORD -> new HollowWords(text).in(box);
                    case OUTLINE -> fitted(outline(text), box);
                };
        return new Area(shape);
    }

    /** A shape as large as a box holds it, in its middle, in proportion. */
    static Shape fitted(Shape shape, Box box) {
        Rectangle2D b = shape.getBounds2D();
        double scale = Math.min(box.width() / b.getWidth(), box.height() / b.getHeight());
        AffineTransform at = AffineTransform.getTranslateInstance(box.centreX(), box.centreY());
        at.scale(scale, scale);
        at.translate(-b.getCenterX(), -b.getCenterY());
        return at.createTransformedShape(shape);
    }
}
