package jorn.block.picture;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Path;
import jorn.art.Picture;
import jorn.block.paper.Space;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;

/**
 * A border round a part: lines nested in one another, plain or with corners, or a picture of a frame.
 *
 * @param node what is inside
 * @param corners how the corners are made
 * @param lines how many lines lie in one another, 1 to 5
 * @param gap from line to line
 * @param weight of the outermost line in points; the others are half as strong
 * @param colour what the line's colour is for
 * @param padding between border and inside
 * @param picture id of a picture of a frame; its corners keep their shape, its sides are stretched. Absent for lines
 */
public record Border(
        @Required Node node,
        @Label("block.border.corners") Corners corners,
        @Label("block.border.lines") Integer lines,
        @Label("block.border.gap") Length gap,
        @Label(value = "block.border.thickness", as = SettingKind.WEIGHT) Double weight,
        @Label("block.border.colour") Role colour,
        @Label("block.border.room-inside") Length padding,
        @Label(value = "block.border.picture", as = SettingKind.PICTURE) Optional<String> picture)
        implements Node {
    static final NodeKind<Border> KIND = NodeKind.of("border", Border.class)
            .filling()
            .offered(
                    "border",
                    Wording.of("block.border.border"),
                    Wording.of("block.border.lines-round-part"),
                    () -> plain(new Space()));

    /** How corners are made. */
    public enum Corners {
        SQUARE("square"),
        ROUND("round"),
        NOTCHED("notched"),
        SCALLOPED("scalloped");

        private final String id;

        Corners(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    private static final int MOST_LINES = 5;
    private static final double CORNER = 12;
    /** Part of a frame picture's shorter side that is taken for its corners. */
    private static final double PICTURE_CORNER = 0.25;

    private static final double KAPPA = 0.5523;

    public Border {
        corners = corners == null ? Corners.SQUARE : corners;
        colour = colour == null ? Role.LINE : colour;
        gap = gap == null ? Length.mm(1) : Limits.room(gap, Wording.of("block.border.gap-2"));
        padding = padding == null ? Length.mm(3) : Limits.room(padding, Wording.of("block.border.room-inside"));
        picture = picture == null ? Optional.empty() : picture.filter(p -> !p.isBlank());
        lines = lines == null ? Integer.valueOf(1) : lines;
        weight = weight == null ? Double.valueOf(0.75) : weight;
        if (lines < 1 || lines > MOST_LINES) {
            throw Trouble.of("block.border.border-lines-cannot-drawn", lines, MOST_LINES);
        }
        if (!(weight > 0) || weight > 12) {
            throw Trouble.of("block.border.border-pt-cannot-drawn", weight);
        }
    }

    /** One thin line. */
    public static Border plain(Node node) {
        return new Border(node, Corners.SQUARE, 1, Length.mm(1), 0.75, Role.LINE, Length.mm(3), Optional.empty());
    }

    private double thickness(Box area) {
        return picture.isPresent() ? Math.min(area.width(), area.height()) * 0.12 : weight + (lines - 1) * gap.points();
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Optional<Picture> frame = picture.map(flow.pictures()::get);
        if (frame.isPresent() && !frame.get().isMissing()) {
            pictured(area, frame.get(), out);
        } else {
            Pen pen = new Pen(flow, out);
            for (int i = 0; i < lines; i++) {
                double w = i == 0 ? weight : weight / 2;
                Box line = area.inset(weight / 2 + i * gap.points());
                if (line.width() > 2 * w && line.height() > 2 * w) {
                    pen.stroke(outline(line, Math.max(1, CORNER - i * gap.points() * 0.6)), w, colour);
                }
            }
        }
        node.draw(places(area, flow).get(0), flow, out);
    }

    private Path outline(Box b, double wanted) {
        double r = Math.min(wanted, Math.min(b.width(), b.height()) / 3);
        return switch (corners) {
            case SQUARE -> Path.box(b);
            case ROUND -> Path.rounded(b, r);
            case NOTCHED -> Path.builder()
                    .move(b.x() + r, b.y())
                    .line(b.right() - r, b.y())
                    .line(b.right() - r, b.y() + r)
                    .line(b.right(), b.y() + r)
                    .line(b.right(), b.bottom() - r)
                    .line(b.right() - r, b.bottom() - r)
                    .line(b.right() - r, b.bottom())
                    .line(b.x() + r, b.bottom())
                    .line(b.x() + r, b.bottom() - r)
                    .line(b.x(), b.bottom() - r)
                    .line(b.x(), b.y() + r)
                    .line(b.x() + r, b.y() + r)
                    .close()
                    .build();
            case SCALLOPED -> scalloped(b, r);
        };
    }

    /** Corners that curve inwards. */
    private static Path scalloped(Box b, double r) {
        double k = r * KAPPA;
        return Path.builder()
                .move(b.x() + r, b.y())
                .line(b.right() - r, b.y())
                .curve(b.right() - r, b.y() + k, b.right() - k, b.y() + r, b.right(), b.y() + r)
                .line(b.right(), b.bottom() - r)
                .curve(b.right() - k, b.bottom() - r, b.right() - r, b.bottom() - k, b.right() - r, b.bottom())
                .line(b.x() + r, b.bottom())
                .curve(b.x() + r, b.bottom() - k, b.x() + k, b.bottom() - r, b.x(), b.bottom() - r)
                .line(b.x(), b.y() + r)
                .curve(b.x() + k, b.y() + r, b.x() + r, b.y() + k, b.x() + r, b.y())
                .close()
                .build();
    }

    /** The picture in eight parts: four corners that keep their shape, four sides that are stretched. */
    private void pictured(Box area, Picture frame, List<Mark> out) {
        double c = Math.min(frame.width(), frame.height()) * PICTURE_CORNER;
        double t = thickness(area);
        double[] px = {0, c, frame.width() - c, frame.width()};
        double[] py = {0, c, frame.height() - c, frame.height()};
        double[] x = {area.x(), area.x() + t, area.right() - t, area.right()};
        double[] y = {area.y(), area.y() + t, area.bottom() - t, area.bottom()};
        for (int r = 0; r < 3; r++) {
            for (int k = 0; k < 3; k++) {
                if (r == 1 && k == 1) {
                    continue;
                }
                out.add(new Mark.Image(
                        frame,
                        Box.between(px[k], py[r], px[k + 1], py[r + 1]),
                        Box.between(x[k], y[r], x[k + 1], y[r + 1]),
                        1));
            }
        }
    }

    @Override
    public List<Box> places(Box area, Flow flow) {
        return List.of(area.within(thickness(area) + padding.points()));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        double round = 2 * (thickness(new Box(0, 0, width, width)) + padding.points());
        return node.naturalHeight(width - round, flow) + round;
    }

    @Override
    public Set<String> pictures() {
        Set<String> all = new LinkedHashSet<>(node.pictures());
        picture.ifPresent(all::add);
        return all;
    }

    @Override
    public List<Node> children() {
        return List.of(node);
    }

    @Override
    public Border withChildren(List<Node> nodes) {
        return new Border(nodes.get(0), corners, lines, gap, weight, colour, padding, picture);
    }
}
