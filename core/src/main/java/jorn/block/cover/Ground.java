package jorn.block.cover;

import java.util.List;
import jorn.art.Box;
import jorn.art.Ink;
import jorn.art.Mark;
import jorn.art.Path;
import jorn.json.Required;
import jorn.layout.Flow;
import jorn.layout.Node;
import jorn.layout.NodeKind;
import jorn.say.Wording;

/**
 * One colour over the whole surface, off its edges.
 *
 * @param ink the colour
 */
public record Ground(@Required Ink ink) implements Node {
    static final NodeKind<Ground> KIND =
            NodeKind.of("ground", Ground.class).filling().called(g -> Wording.of("block.ground.ground"));

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        out.add(new Mark.Fill(Path.box(flow.frame().bleed()), ink));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return 0;
    }

    @Override
    public boolean reachesEdge() {
        return true;
    }
}
