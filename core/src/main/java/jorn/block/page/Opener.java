package jorn.block.page;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Grid;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.layout.StyledPen.Lettering;
import jorn.layout.TypeStep;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.text.Voice;

/**
 * What opens a part of the book: a drawing, large words, and smaller ones below. On a page that stands for a month the drawing
 * is that month's.
 *
 * @param text large; may hold fields
 * @param below smaller; may be empty, may hold fields
 */
public record Opener(
        @Label(value = "block.opener.words", onPage = true) @Required String text,
        @Label("block.opener.below") String below)
        implements Node {
    static final NodeKind<Opener> KIND = NodeKind.of("opener", Opener.class)
            .filling()
            .offered(
                    "opener",
                    Wording.of("block.opener.opener"),
                    Wording.of("block.opener.says"),
                    () -> new Opener("{month}", "{year}"));

    private static final double LARGEST_DRAWING = 130;

    public Opener {
        text = Limits.heading(text);
        below = Limits.words(below);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        double step = pen.step();
        int rows = Math.max(1, flow.grid().rowsIn(area.height()));
        String words = flow.fill(text).strip();
        Lettering large = new Lettering(
                Voice.HEADING,
                pen.style().head().weight(),
                pen.size(TypeStep.DISPLAY),
                pen.style().head().letters(),
                Align.CENTRE,
                pen.ink(Role.HEADING));
        double wide = pen.width(words, large);
        Lettering fitted = wide > area.width() ? large.sized(large.size() * area.width() / wide) : large;
        Lettering set = fitted.sized(Math.max(Grid.SMALLEST_TYPE, Math.min(fitted.size(), area.height() * 0.9)));
        double drawing = Math.min(LARGEST_DRAWING, Math.min(area.width() * 0.5, area.height() * 0.34));
        int wordsRow = Math.min(rows, (int) Math.round(rows * 0.56));
        double base = Math.max(area.y() + wordsRow * step, area.y() + set.size());
        double top = base - set.size() - step - drawing;
        if (top >= area.y() - 0.01) {
            pen.add(pen.motif()
                    .draw(
                            new Box(area.x(), top, area.width(), drawing),
                            flow.palette(),
                            pen.style().details().ornaments().seed()));
        }
        pen.words(words, area, base, set);
        String small = flow.fill(below).strip();
        if (!small.isEmpty() && base + 2 * step < area.bottom()) {
            pen.words(
                    small,
                    area,
                    base + 1.73 * step,
                    pen.title().at(Align.CENTRE).sized(pen.size(TypeStep.FIGURE)));
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return flow.grid().step() * 10;
    }
}
