package jorn.block.paper;

import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;

/** Nothing, on purpose. */
public record Space() implements Node {
    static final NodeKind<Space> KIND = NodeKind.of("space", Space.class)
            .filling()
            .offered("space", Wording.of("block.space.empty"), Wording.of("block.space.bare-paper"), Space::new);

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        // Bare paper.
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }
}
