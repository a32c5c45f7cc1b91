package jorn.recipe;

import java.util.List;
import jorn.art.Box;
import jorn.art.GlyphRun;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.text.Face;
import jorn.text.Shaper;

/**
 * A label with a line to write on behind it: "Name ______".
 *
 * @param label in front of the line; may be empty
 * @param height from the last line to this one
 */
public record WritingLine(@Required String label, @Required Length height) implements Node {
    public WritingLine {
        label = Limits.words(label);
        height = Limits.extent(height, "A writing line");
    }

    private static final double TYPE_SIZE = 10.5;
    private static final double WEIGHT = 0.5;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        double y = area.bottom() - 1;
        double from = area.x();
        String words = flow.fill(label).strip();
        if (!words.isBlank()) {
            Face face = flow.face(TextBlock.Voice.BODY).regular();
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

    @Override
    public boolean variesByOccasion() {
        return Flow.mentionsOccasion(label);
    }
}
