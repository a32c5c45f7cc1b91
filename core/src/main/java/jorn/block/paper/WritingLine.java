package jorn.block.paper;

import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Face;
import jorn.text.Shaper;
import jorn.text.Voice;

/**
 * A label with a line to write on behind it: "Name ______".
 *
 * @param label in front of the line; may be empty
 * @param height from the last line to this one
 */
public record WritingLine(
        @Label(value = "block.writing-line.label", onPage = true) @Required String label,
        @Label("block.writing-line.height") @Required Length height)
        implements Node {
    static final NodeKind<WritingLine> KIND = NodeKind.of("writing-line", WritingLine.class)
            .offered(
                    "writing-line",
                    Wording.of("block.writing-line.label-line"),
                    Wording.of("block.writing-line.something-fill"),
                    () -> new WritingLine(Wording.of("block.writing-line.name"), Length.mm(9)));

    public WritingLine {
        label = Limits.heading(label);
        height = Limits.extent(height, Wording.of("block.writing-line.writing-line"));
    }

    private static final double TYPE_SIZE = 10.5;
    private static final double WEIGHT = 0.5;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        double y = area.bottom() - 1;
        double from = area.x();
        String words = flow.fill(label).strip();
        if (!words.isBlank()) {
            Face face = flow.face(Voice.BODY).regular();
            GlyphRun run = Shaper.shape(face, TYPE_SIZE, words);
            out.add(new Mark.Words(area.x(), y - 1.5, run, flow.palette().ink(Role.TEXT)));
            from += run.width() + TYPE_SIZE * 0.6;
        }
        if (from < area.right()) {
            out.add(new Mark.Stroke(
                    Path.line(from, y, area.right(), y), WEIGHT, flow.palette().ink(Role.LINE)));
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return height.points();
    }
}
