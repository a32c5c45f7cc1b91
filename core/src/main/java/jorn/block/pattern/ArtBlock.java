package jorn.block.pattern;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Picture;
import jorn.art.PictureInk;
import jorn.art.Turn;
import jorn.block.picture.PictureBlock;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.layout.StyledPen;
import jorn.measure.Length;
import jorn.pattern.run.ArtSheet;
import jorn.pattern.run.PatternBack;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * The drawing of a page to colour, whole and inside the margins, or its back, as the run's source gives them.
 *
 * @param named whether the name of the drawing stands on its back
 */
public record ArtBlock(@Label("block.pattern.named") boolean named) implements Node {
    static final NodeKind<ArtBlock> KIND = NodeKind.of("art", ArtBlock.class)
            .filling()
            .offered("art", Wording.of("block.art.name"), Wording.of("block.art.says"), () -> new ArtBlock(false));

    /** A drawing is turned where it grows by a quarter or more. */
    private static final double WORTH_TURNING = 1.25;

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        if (area.width() <= 1 || area.height() <= 1) {
            return;
        }
        Optional<PatternBack> back = flow.subject(PatternBack.class);
        if (back.isPresent()) {
            Backs.draw(back.get(), named, area, new StyledPen(flow, out), flow, out);
            return;
        }
        String id = flow.subject(ArtSheet.class).map(s -> s.item().picture()).orElse("");
        Picture picture = flow.pictures().get(id);
        if (picture == null || picture.isMissing()) {
            new PictureBlock(id, PictureBlock.Fit.WHOLE, Length.points(area.height()), 1.0).draw(area, flow, out);
            return;
        }
        out.add(placed(picture, area));
    }

    /** As large as the page lets it be: without the white round it, and turned by a quarter where that makes it larger. */
    private static Mark placed(Picture picture, Box area) {
        Box ink = PictureInk.of(picture);
        double upright = Math.min(area.width() / ink.width(), area.height() / ink.height());
        double turned = Math.min(area.height() / ink.width(), area.width() / ink.height());
        if (turned < upright * WORTH_TURNING) {
            return fitted(picture, ink, area, upright);
        }
        Box lying = new Box(0, 0, /* width= */ area.height(), /* height= */ area.width());
        return new Mark.Turned(Turn.quarterUp(area.x(), area.bottom()), List.of(fitted(picture, ink, lying, turned)));
    }

    private static Mark fitted(Picture picture, Box ink, Box area, double scale) {
        double w = ink.width() * scale;
        double h = ink.height() * scale;
        return new Mark.Image(picture, ink, new Box(area.centreX() - w / 2, area.centreY() - h / 2, w, h), 1);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width * 0.6;
    }
}
