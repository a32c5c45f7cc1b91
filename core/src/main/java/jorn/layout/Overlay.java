package jorn.layout;

import java.util.Collections;
import java.util.List;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.json.Required;
import jorn.say.Wording;

/**
 * Nodes over one another, each with the whole room.
 *
 * @param layers the lowest first
 */
public record Overlay(@Required List<Node> layers) implements Node {
    static final NodeKind<Overlay> KIND =
            NodeKind.of("overlay", Overlay.class).filling().called(o -> Wording.of("layout.overlay.layers"));

    public Overlay {
        layers = List.copyOf(layers);
    }

    public static Overlay of(Node... layers) {
        return new Overlay(List.of(layers));
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        layers.forEach(n -> n.draw(area, flow, out));
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return layers.stream()
                .mapToDouble(n -> n.naturalHeight(width, flow))
                .max()
                .orElse(0);
    }

    @Override
    public List<Box> places(Box area, Flow flow) {
        return Collections.nCopies(layers.size(), area);
    }

    @Override
    public List<Node> children() {
        return layers;
    }

    @Override
    public Overlay withChildren(List<Node> nodes) {
        return new Overlay(nodes);
    }
}
