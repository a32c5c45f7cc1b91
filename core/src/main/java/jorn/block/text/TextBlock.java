package jorn.block.text;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.block.paper.WritingLine;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.Typeface;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

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
        @Label(value = "block.text-block.words", onPage = true) @Required String text,
        @Label("block.text-block.typeface") @Required Voice voice,
        @Label("block.text-block.style") @Required Typeface.Style style,
        @Label(value = "block.text-block.type-size", as = SettingKind.TYPE_SIZE) @Required Length size,
        @Label("block.text-block.stands") @Required Align align,
        @Label("block.text-block.undated-line-for") Optional<String> undated)
        implements Node {
    static final NodeKind<TextBlock> KIND = NodeKind.of("text", TextBlock.class)
            .called(t -> t.voice == Voice.HEADING
                    ? Wording.of("block.text-block.heading")
                    : t.text.contains("{prompt}")
                            ? Wording.of("block.text-block.prompt")
                            : Wording.of("block.text-block.text"))
            .offered(
                    "heading",
                    Wording.of("block.text-block.heading"),
                    Wording.of("block.text-block.words-heading-face"),
                    () -> new TextBlock(
                            Wording.of("block.text-block.heading"),
                            Voice.HEADING,
                            Style.BOLD,
                            Length.points(19),
                            Align.LEFT))
            .offered(
                    "text",
                    Wording.of("block.text-block.text"),
                    Wording.of("block.text-block.words-with-fields-such"),
                    () -> body(Wording.of("block.text-block.text")))
            .offered(
                    "prompt",
                    Wording.of("block.text-block.prompt"),
                    Wording.of("block.text-block.taken-turn-from-run"),
                    () -> body("{prompt}"));

    private static TextBlock body(String words) {
        return new TextBlock(words, Voice.BODY, Style.REGULAR, Length.points(11), Align.LEFT);
    }

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
        return undated.filter(u -> flow.date().isEmpty()).map(u -> new WritingLine(u, Length.mm(9)));
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
            out.add(new Mark.Words(
                    area.x() + align.before(spare),
                    y,
                    run,
                    flow.palette().ink(voice == Voice.HEADING ? Role.HEADING : Role.TEXT)));
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
