package jorn.block.form;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * A box as the style frames boxes, with a title in its first row and a part inside.
 *
 * @param title may be empty, may hold fields
 * @param node what is inside
 * @param tinted whether it has a tint behind it
 * @param spare whether it only takes what others leave, and is not there where that is too little
 */
public record TitledPanel(
        @Label(value = "block.panel.title", onPage = true) String title,
        @Required Node node,
        @Label("block.panel.tinted") boolean tinted,
        @Label("block.panel.spare") boolean spare)
        implements Node {
    static final NodeKind<TitledPanel> KIND = NodeKind.of("panel", TitledPanel.class)
            .filling()
            .offered(
                    "panel",
                    Wording.of("block.panel.name"),
                    Wording.of("block.panel.says"),
                    () -> new TitledPanel("@notes", WritingRows.lines(""), false, false));

    /** Between frame and inside, in pitches; it lies in the rows' own white, so that the lines stay on the grid. */
    private static final double SIDE = 0.42;

    private static final double WHITE = 0.12;

    /** A title stands a little lower than other words, clear of the frame above it. */
    private static final double TITLE_LOWER = 0.08;

    private static final int LEAST_SPARE = 3;

    public TitledPanel {
        title = Limits.heading(title);
    }

    private static Box edge(Box area, Flow flow) {
        double white = flow.grid().step() * WHITE;
        return area.height() > 3 * white ? area.inset(white, 0, white, 0) : area;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area)) {
            return;
        }
        if (isGone(area, flow)) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        Box edge = edge(area, flow);
        if (tinted) {
            pen.fill(Path.rounded(edge, pen.corner()), pen.ink(Role.TINT));
        }
        pen.frame(edge);
        String words = flow.fill(title);
        Box inside = inside(area, pen);
        if (!words.isBlank() && area.height() > pen.step() * 0.9) {
            pen.words(words, inside, pen.base(area.y()) + pen.step() * TITLE_LOWER, pen.title());
        }
        node.draw(places(area, flow).get(0), flow, out);
    }

    private static Box inside(Box area, StyledPen pen) {
        double side = pen.framesHaveSides() ? Math.min(pen.step() * SIDE, area.width() / 8) : 0;
        return area.inset(0, side, 0, side);
    }

    private boolean isGone(Box area, Flow flow) {
        return spare && flow.grid().rowsIn(area.height()) < LEAST_SPARE;
    }

    @Override
    public List<Box> places(Box area, Flow flow) {
        if (isGone(area, flow)) {
            return List.of();
        }
        StyledPen pen = StyledPen.measuring(flow);
        double step = pen.step();
        Box inside = inside(area, pen);
        // The last row stays white where a frame closes the box: no line doubles it.
        double foot = pen.framesHaveSides() ? Math.min(step * 0.5, area.height() / 4) : 0;
        double head = title.isBlank() ? 0 : Math.min(step, area.height());
        return List.of(
                Box.orEmpty(inside.x(), area.y() + head, inside.width(), Math.max(0, area.height() - head - foot)));
    }

    @Override
    public Optional<String> topic() {
        return title.isBlank() ? Optional.empty() : Optional.of(title);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        StyledPen pen = StyledPen.measuring(flow);
        double foot = pen.framesHaveSides() ? flow.grid().step() * 0.5 : 0;
        if (spare) {
            return 0;
        }
        return node.naturalHeight(width - pen.step() * 2 * SIDE, flow)
                + (title.isBlank() ? 0 : flow.grid().step())
                + foot;
    }

    @Override
    public List<Node> children() {
        return List.of(node);
    }

    @Override
    public TitledPanel withChildren(List<Node> nodes) {
        return new TitledPanel(title, nodes.get(0), tinted, spare);
    }
}
