package jorn.block.cover;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;

/** Bare paper where the surface must be kept free: behind the spine, where the glue goes. */
public record BareStrip() implements Node {
    static final NodeKind<BareStrip> KIND =
            NodeKind.of("bare-strip", BareStrip.class).filling().called(b -> Wording.of("block.bare-strip.bare-strip"));

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        flow.frame().keptFree().forEach(b -> out.add(new Mark.Fill(Path.box(b), Ink.WHITE)));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
