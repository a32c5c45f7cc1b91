package jorn.block.page;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.json.Required;
import jorn.layout.Align;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;
import jorn.style.Motif;
import jorn.style.Motifs;

/**
 * A drawing that is made by rule, in the book's colours.
 *
 * @param motif which; absent for the style's own, on a month's page that month's
 * @param size its height
 * @param align where it stands in its width
 */
public record MotifDrawing(
        @Label(value = "block.drawing.motif") Optional<String> motif,
        @Label("block.drawing.height") @Required Length size,
        @Label("block.drawing.stands") Align align)
        implements Node {
    static final NodeKind<MotifDrawing> KIND = NodeKind.of("drawing", MotifDrawing.class)
            .called(d -> d.motif.map(m -> Motifs.of(m).called()).orElse(Wording.of("block.drawing.drawing")))
            .offered(
                    "drawing",
                    Wording.of("block.drawing.drawing"),
                    Wording.of("block.drawing.says"),
                    () -> new MotifDrawing(Optional.empty(), Length.mm(18), Align.CENTRE));

    public MotifDrawing {
        motif = motif == null ? Optional.empty() : motif.filter(m -> !m.isBlank());
        motif.ifPresent(Motifs::of);
        size = Limits.step(size, Wording.of("block.drawing.drawing"));
        align = align == null ? Align.CENTRE : align;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Motif found = motif.map(Motifs::of).orElseGet(pen::motif);
        double h = Math.min(size.points(), Math.min(area.height(), area.width() / found.proportion()));
        double w = h * found.proportion();
        Box at = new Box(
                area.x() + align.before(area.width() - w), area.y() + (area.height() - h) / 2, w, Math.max(0, h));
        pen.add(found.draw(
                at, flow.palette(), flow.style().details().ornaments().seed()));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points();
    }
}
