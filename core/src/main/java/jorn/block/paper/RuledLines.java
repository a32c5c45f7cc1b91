package jorn.block.paper;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * Lines to write on. They stand on one grid measured from the trim's head, so the lines of facing pages meet.
 *
 * <p>Lines from edge to edge fill the page to its head and foot, but none is ruled where the knife would halve it.
 *
 * @param ruling their spacing and reach, and how they are drawn
 * @param styled whether they are drawn as the book's style draws writing lines; spacing and reach are the ruling's
 */
public record RuledLines(@Label @Required Ruling ruling, @Label("block.ruled-lines.styled") boolean styled)
        implements Node {
    static final NodeKind<RuledLines> KIND = NodeKind.of("lines", RuledLines.class)
            .filling()
            .offered(
                    "lines",
                    Wording.of("block.ruled-lines.ruled-lines"),
                    Wording.of("block.ruled-lines.write-on"),
                    () -> new RuledLines(Ruling.customary()));

    /** No line nearer to the cut than this: a line that the knife may halve looks like a mistake (common practice). */
    private static final double CLEAR_OF_KNIFE = Length.mm(3).points();

    public RuledLines(Ruling ruling) {
        this(ruling, false);
    }

    /** The same, ruled otherwise: as the style draws them unless another weight or grey is asked for. */
    public RuledLines ruled(Ruling other) {
        boolean asTheyAre = other.weight() == ruling.weight() && other.strength() == ruling.strength();
        return new RuledLines(other, styled && (asTheyAre || other.isCustomarilyDrawn()));
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        double step = ruling.spacing().points();
        double left = area.x();
        double right = area.right();
        double foot = area.bottom();
        double from = area.y();
        double y = from + step;
        if (reachesEdge()) {
            Box trim = flow.frame().trim();
            left = flow.frame().bleed().x();
            right = flow.frame().bleed().right();
            foot = isAtFoot(area, flow) ? trim.bottom() - CLEAR_OF_KNIFE : foot;
            from = isAtHead(area, flow) ? trim.y() : from;
            y = from + step;
            if (y < trim.y() + CLEAR_OF_KNIFE) {
                y += step;
            }
        }
        if (styled) {
            StyledPen pen = new StyledPen(flow, out);
            double first = y;
            for (int i = 0; first + i * step <= foot + 0.001; i++) {
                pen.across(flow.style().lines().writing(), left, right, first + i * step);
            }
            return;
        }
        Path.Builder lines = Path.builder();
        boolean any = false;
        for (int i = 1; y <= foot + 0.001; i++) {
            lines.move(left, y).line(right, y);
            y = from + step * (i + 1);
            any = true;
        }
        if (any) {
            out.add(new Mark.Stroke(lines.build(), ruling.weight(), colour(flow)));
        }
    }

    /** The tint of black that the ruling asks for, or the book's line colour where the book has colours. */
    private Ink colour(Flow flow) {
        return flow.palette().isColoured() ? flow.palette().ink(Role.SOFT_LINE) : Ink.black(ruling.strength());
    }

    private static boolean isAtHead(Box area, Flow flow) {
        return area.y() <= flow.frame().text().y() + 0.01;
    }

    private static boolean isAtFoot(Box area, Flow flow) {
        return area.bottom() >= flow.frame().text().bottom() - 0.01;
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return ruling.spacing().points();
    }

    @Override
    public boolean reachesEdge() {
        return ruling.reach() == Ruling.Reach.EDGE;
    }
}
