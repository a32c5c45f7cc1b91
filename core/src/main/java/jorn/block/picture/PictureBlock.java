package jorn.block.picture;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.art.Picture;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;

/**
 * A picture of the book. Where it is missing, an empty frame with a cross stands in its place, and the proof says so.
 *
 * @param picture id of the picture in the book
 * @param fit whole, or filling its area and cropped
 * @param height that it wants
 * @param opacity 1 as it is, towards 0 fainter; 1 where it is not given
 */
public record PictureBlock(
        @Label(value = "block.picture-block.picture", as = SettingKind.PICTURE) @Required String picture,
        @Label("block.picture-block.picture-2") Fit fit,
        @Label("block.picture-block.height") @Required Length height,
        @Label(value = "block.picture-block.opacity", as = SettingKind.PER_CENT) Double opacity)
        implements Node {
    static final NodeKind<PictureBlock> KIND = NodeKind.of("picture", PictureBlock.class)
            .offered(
                    "picture",
                    Wording.of("block.picture-block.picture"),
                    Wording.of("block.picture-block.one-was-brought"),
                    () -> new PictureBlock("", Fit.WHOLE, Length.mm(50), 1.0));

    /** How the picture takes its area. */
    public enum Fit {
        @Label("block.picture-block.shown-whole")
        WHOLE("whole"),
        @Label("block.picture-block.filling-room")
        FILL("fill");

        private final String id;

        Fit(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    public PictureBlock {
        height = Limits.extent(height, Wording.of("block.picture-block.picture-3"));
        fit = fit == null ? Fit.WHOLE : fit;
        opacity = Limits.opacity(opacity);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (area.width() < 1 || area.height() < 1) {
            return;
        }
        Optional<Picture> found =
                Optional.ofNullable(flow.pictures().get(picture)).filter(p -> !p.isMissing());
        if (found.isEmpty()) {
            Pen pen = new Pen(flow, out);
            pen.box(area, 0.6, Role.LINE);
            pen.line(area.x(), area.y(), area.right(), area.bottom(), 0.4, Role.SOFT_LINE);
            pen.line(area.right(), area.y(), area.x(), area.bottom(), 0.4, Role.SOFT_LINE);
            return;
        }
        out.add(place(found.get(), area, fit, opacity));
    }

    /** A picture in an area, whole or cropped to fill it. */
    static Mark.Image place(Picture p, Box area, Fit fit, double opacity) {
        double across = area.width() / p.width();
        double down = area.height() / p.height();
        if (fit == Fit.WHOLE) {
            double s = Math.min(across, down);
            double w = p.width() * s;
            double h = p.height() * s;
            Box to = new Box(area.centreX() - w / 2, area.centreY() - h / 2, w, h);
            return new Mark.Image(p, new Box(0, 0, p.width(), p.height()), to, opacity);
        }
        double s = Math.max(across, down);
        double w = area.width() / s;
        double h = area.height() / s;
        return new Mark.Image(p, new Box((p.width() - w) / 2, (p.height() - h) / 2, w, h), area, opacity);
    }

    @Override
    public Set<String> pictures() {
        return Set.of(picture);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return height.points();
    }
}
