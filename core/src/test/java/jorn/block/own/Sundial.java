package jorn.block.own;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.layout.Flow;
import jorn.layout.Limits;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.Pen;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.SettingKind;
import jorn.say.Wording;

/** A block that Jorn does not have: rays from the middle, the first at the day of the month. */
record Sundial(
        @Label("own.sundial.across") Length size,
        @Label("own.sundial.rays") int rays,
        @Label(value = "own.sundial.thickness", as = SettingKind.WEIGHT) double weight)
        implements Node {
    static final NodeKind<Sundial> KIND = NodeKind.of("own-sundial", Sundial.class)
            .filling()
            .offered(
                    "own-sundial",
                    Wording.of("own.sundial.sundial"),
                    Wording.of("own.sundial.rays"),
                    () -> new Sundial(Length.mm(30), 12, 0.5));

    Sundial {
        size = Limits.step(size, "A sundial");
        rays = Limits.whole(rays, "Rays", 1, 60);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        Pen pen = new Pen(flow, out);
        double r = Math.min(size.points(), Math.min(area.width(), area.height())) / 2;
        int day = flow.date().map(d -> d.getDayOfMonth()).orElse(0);
        for (int i = 0; i < rays; i++) {
            double a = 2 * Math.PI * (i + day / 31.0) / rays;
            pen.line(
                    area.centreX(),
                    area.centreY(),
                    area.centreX() + r * Math.cos(a),
                    area.centreY() + r * Math.sin(a),
                    weight,
                    Role.LINE);
        }
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return size.points();
    }
}
