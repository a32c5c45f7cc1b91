package jorn.block.page;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.TypeStep;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.LineBreaker;
import jorn.text.Shaper;
import jorn.text.Typeface.Style;
import jorn.text.Voice;

/**
 * PageWords that are read, on the book's grid: large ones take two lines of it or more for each of their own.
 *
 * @param text may hold fields
 * @param step how large
 * @param heading whether in the face of headings
 * @param italic whether in italics
 * @param align where the lines stand
 */
public record PageWords(
        @Label(value = "block.words.words", onPage = true) @Required String text,
        @Label("block.words.size") @Required TypeStep step,
        @Label("block.words.heading-face") boolean heading,
        @Label("block.words.italic") boolean italic,
        @Label("block.words.stands") Align align)
        implements Node {
    static final NodeKind<PageWords> KIND = NodeKind.of("words", PageWords.class)
            .called(w -> w.text.contains("{prompt}")
                    ? Wording.of("block.text-block.prompt")
                    : Wording.of("block.words.name"))
            .offered(
                    "words",
                    Wording.of("block.words.name"),
                    Wording.of("block.words.says"),
                    () -> new PageWords(Wording.of("block.words.name"), TypeStep.TEXT, false, false, Align.LEFT))
            .offered(
                    "prompt-words",
                    Wording.of("block.text-block.prompt"),
                    Wording.of("block.text-block.taken-turn-from-run"),
                    () -> new PageWords("{prompt}", TypeStep.STRONG, true, false, Align.LEFT),
                    w -> w.text.contains("{prompt}"));

    private static final double LEADING = 1.3;

    public PageWords {
        text = Limits.words(text);
        align = align == null ? Align.LEFT : align;
    }

    private Face face(Flow flow) {
        return flow.face(heading ? Voice.HEADING : Voice.BODY)
                .face(italic ? Style.ITALIC : heading ? flow.style().head().weight() : Style.REGULAR);
    }

    private double size(Flow flow, double width) {
        double size = flow.grid().type(step);
        double widest = 0;
        for (String word : flow.fill(text).strip().split("\\s+")) {
            widest = Math.max(widest, Shaper.widthPerPoint(face(flow), word));
        }
        // A title of one long word is set as large as it fits.
        return widest * size > width ? Math.max(jorn.layout.Grid.SMALLEST_TYPE, width / widest) : size;
    }

    private List<String> lines(Flow flow, double width) {
        String words = flow.fill(text).strip();
        return words.isEmpty() ? List.of() : LineBreaker.breakAt(face(flow), size(flow, width), words, width);
    }

    /** Rows of the grid from one of its lines to the next. */
    private int leading(Flow flow, double width) {
        double wanted = size(flow, width) * (step == TypeStep.DISPLAY ? 1.1 : LEADING);
        return Math.max(1, flow.grid().rowsFor(wanted - 0.12 * flow.grid().step()));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return lines(flow, width).size() * leading(flow, width) * flow.grid().step();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        double size = size(flow, area.width());
        double pitch = flow.grid().step();
        int rows = leading(flow, area.width());
        double base = area.y() + pitch * rows - pitch * 0.27;
        for (String line : lines(flow, area.width())) {
            if (base > area.bottom() + 0.01) {
                return;
            }
            GlyphRun run = Shaper.shape(face(flow), size, line);
            out.add(new Mark.Words(
                    area.x() + align.before(area.width() - run.width()),
                    base,
                    run,
                    flow.palette().ink(heading ? Role.HEADING : Role.TEXT)));
            base += pitch * rows;
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        double wanted = naturalHeight(area.width(), flow);
        return wanted <= area.height() + 0.5 ? Optional.empty() : Optional.of(Lack.of(Message.of("block.words.lack")));
    }
}
