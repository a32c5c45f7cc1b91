package jorn.block.pattern;

import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
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
        new PictureBlock(id, PictureBlock.Fit.WHOLE, Length.points(area.height()), 1.0).draw(area, flow, out);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return width * 0.6;
    }
}
