package jorn.recipe;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;

/**
 * A part of a design and where it lies on a page.
 *
 * @param path which child of which child, from the root; empty for the root itself
 * @param node the part
 * @param box in points from the trim's corner
 */
public record Placed(List<Integer> path, Node node, Box box) {
    public Placed {
        path = List.copyOf(path);
    }

    /** A design's parts, the whole first, each before what is inside it. */
    public static List<Placed> of(Node root, Box area, Flow flow) {
        List<Placed> all = new ArrayList<>();
        gather(List.of(), root, area, flow, all);
        return all;
    }

    private static void gather(List<Integer> path, Node node, Box box, Flow flow, List<Placed> all) {
        all.add(new Placed(path, node, box));
        List<Box> places = node.places(box, flow);
        for (int i = 0; i < places.size(); i++) {
            gather(Rework.child(path, i), node.children().get(i), places.get(i), flow, all);
        }
    }

    /** Whether it draws, rather than hold others. */
    public boolean isBlock() {
        return node.children().isEmpty();
    }
}
