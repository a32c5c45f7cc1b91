package jorn.block.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.layout.Flow;
import jorn.layout.Hand;
import jorn.layout.Lack;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.layout.StyledPen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Message;
import jorn.say.Wording;
import jorn.style.Rule;

/**
 * Empty frames to paste photographs into.
 *
 * @param count how many, 1 to 9
 * @param columns how many side by side, 1 to 3
 * @param shape what is drawn of them
 * @param captions whether each has a line below to write on
 */
public record PhotoFrames(
        @Label("block.photo-frames.count") Integer count,
        @Label("block.photo-frames.columns") Integer columns,
        @Label("block.photo-frames.shape") FrameShape shape,
        @Label("block.photo-frames.captions") boolean captions)
        implements Node {
    /** What is drawn of a frame. */
    public enum FrameShape {
        /** The four corners that hold a print. */
        @Label("block.photo-frames.corners")
        CORNERS,
        /** A line all round, as the style frames boxes. */
        @Label("block.photo-frames.framed")
        FRAMED,
        /** An oval in a line. */
        @Label("block.photo-frames.oval")
        OVAL
    }

    static final NodeKind<PhotoFrames> KIND = NodeKind.of("photo-frames", PhotoFrames.class)
            .filling()
            .offered(
                    "photo-frames",
                    Wording.of("block.photo-frames.name"),
                    Wording.of("block.photo-frames.says"),
                    () -> new PhotoFrames(1, 1, FrameShape.CORNERS, true));

    private static final double SMALLEST = Length.mm(20).points();
    private static final double CORNER = Length.mm(7).points();
    private static final double GAP = 0.7;

    public PhotoFrames {
        count = Limits.whole(count == null ? 1 : count, Wording.of("block.photo-frames.count"), 1, 9);
        columns = Limits.whole(columns == null ? 1 : columns, Wording.of("block.photo-frames.columns"), 1, 3);
        shape = shape == null ? FrameShape.CORNERS : shape;
    }

    private List<Box> frames(Box area, double step) {
        int down = (count + columns - 1) / columns;
        double gap = step * GAP;
        double w = (area.width() - gap * (columns - 1)) / columns;
        double cell = (area.height() - gap * (down - 1)) / down;
        double h = cell - (captions ? step : 0);
        List<Box> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(Box.orEmpty(
                    area.x() + i % columns * (w + gap), area.y() + i / columns * (cell + gap), w, Math.max(0, h)));
        }
        return all;
    }

    private boolean fits(Box area, double step) {
        Box one = frames(area, step).get(0);
        return one.width() >= SMALLEST && one.height() >= SMALLEST;
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (!flow.grid().canHold(area) || !fits(area, flow.grid().step())) {
            return;
        }
        StyledPen pen = new StyledPen(flow, out);
        for (Box b : frames(area, pen.step())) {
            frame(b.inset(1), pen);
            if (captions) {
                pen.across(pen.style().lines().writing(), b.x(), b.right(), b.bottom() + pen.step());
            }
        }
    }

    private void frame(Box b, StyledPen pen) {
        Rule rule = pen.style().lines().frame();
        switch (shape) {
            case FRAMED -> {
                pen.outline(Path.box(b), rule);
                pen.outline(Path.box(b.inset(3)), pen.style().lines().writing().withKind(Rule.LineKind.SOLID));
            }
            case OVAL -> pen.outline(Pen.oval(b.centreX(), b.centreY(), b.width() / 2, b.height() / 2), rule);
            case CORNERS -> corners(b, rule, pen);
        }
    }

    private static void corners(Box b, Rule rule, StyledPen pen) {
        double c = Math.min(CORNER, Math.min(b.width(), b.height()) / 4);
        double[][] at = {
            {b.x(), b.y(), 1, 1}, {b.right(), b.y(), -1, 1}, {b.x(), b.bottom(), 1, -1}, {b.right(), b.bottom(), -1, -1}
        };
        for (double[] k : at) {
            pen.outline(
                    Path.builder()
                            .move(k[0], k[1])
                            .line(k[0] + k[2] * c, k[1])
                            .line(k[0], k[1] + k[3] * c)
                            .close()
                            .build(),
                    rule);
        }
    }

    @Override
    public void fillIn(Box area, Flow flow, Hand hand) {
        double step = flow.grid().step();
        if (!fits(area, step)) {
            return;
        }
        for (Box b : frames(area, step)) {
            hand.picture(b.inset(7));
            if (captions) {
                hand.note("caption", b, b.bottom() + step * 0.85);
            }
        }
    }

    @Override
    public Optional<Lack> lack(Box area, Flow flow) {
        return fits(area, flow.grid().step())
                ? Optional.empty()
                : Optional.of(
                        count == 1
                                ? Lack.of(Message.of("block.photo-frames.lack"))
                                : Lack.of(
                                        Message.of("block.photo-frames.lack"),
                                        new Lack.Remedy(
                                                Message.of("block.photo-frames.fewer"),
                                                new PhotoFrames(1, 1, shape, captions))));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        int down = (count + columns - 1) / columns;
        return down * Math.max(SMALLEST, width / columns * 0.7);
    }
}
