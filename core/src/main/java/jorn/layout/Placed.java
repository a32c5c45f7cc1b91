package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import jorn.art.Box;

/**
 * A part of a design and where it lies on a page.
 *
 * @param path from the root
 * @param node the part
 * @param box in points from the trim's corner
 */
public record Placed(NodePath path, Node node, Box box) {

    /** A design's parts, the whole first, each before what is inside it. */
    public static List<Placed> of(Node root, Box area, Flow flow) {
        List<Placed> all = new ArrayList<>();
        gather(NodePath.ROOT, root, area, flow, all);
        return all;
    }

    private static void gather(NodePath path, Node node, Box box, Flow flow, List<Placed> all) {
        all.add(new Placed(path, node, box));
        List<Box> places = node.places(box, flow);
        for (int i = 0; i < places.size(); i++) {
            gather(path.child(i), node.children().get(i), places.get(i), flow, all);
        }
    }

    /**
     * Lets somebody fill a design in.
     *
     * @param area where it was drawn
     */
    public static void fillIn(Node node, Box area, Flow flow, Hand hand) {
        String outside = hand.about();
        node.topic().ifPresent(hand::about);
        node.fillIn(area, flow, hand);
        List<Box> places = node.places(area, flow);
        for (int i = 0; i < places.size(); i++) {
            fillIn(node.children().get(i), places.get(i), flow, hand);
        }
        if (!places.isEmpty() && node.topic().isPresent()) {
            hand.back(outside);
        }
    }

    /** Whether it draws, rather than hold others. */
    public boolean isBlock() {
        return node.children().isEmpty();
    }
}
