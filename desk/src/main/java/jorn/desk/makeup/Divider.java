package jorn.desk.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.layout.Axis;
import jorn.layout.Node;
import jorn.layout.NodePath;
import jorn.layout.Placed;
import jorn.layout.Stack;
import jorn.layout.Tree;
import jorn.measure.Length;

/**
 * The line between two neighbours of a row or column on a page.
 *
 * @param container path of the row or column
 * @param before index of the part above it or left of it; right of it on a page that is laid out from the right
 * @param first where that part lies, in points from the trim's corner
 * @param second where its neighbour lies
 * @param upright whether it parts left from right
 */
record Divider(NodePath container, int before, Box first, Box second, boolean upright) {

    /** All dividers of a page, those of inner rows and columns last. */
    static List<Divider> all(List<Placed> parts) {
        List<Divider> all = new ArrayList<>();
        for (Placed p : parts) {
            if (p.node() instanceof Stack) {
                for (int i = 0; i + 1 < p.node().children().size(); i++) {
                    all.add(of(parts, p.path(), i));
                }
            }
        }
        return all;
    }

    /** The divider after one part of a row or column. */
    static Divider of(List<Placed> parts, NodePath container, int before) {
        Node node = box(parts, container).node();
        return new Divider(
                container,
                before,
                box(parts, container.child(before)).box(),
                box(parts, container.child(before + 1)).box(),
                node instanceof Stack stack && stack.axis() == Axis.ACROSS);
    }

    /** How much room a neighbour has, across the divider. */
    Length measure(Box neighbour) {
        return Length.points(points(neighbour));
    }

    private double points(Box neighbour) {
        return upright ? neighbour.width() : neighbour.height();
    }

    private static Placed box(List<Placed> parts, NodePath path) {
        return parts.stream().filter(p -> p.path().equals(path)).findFirst().orElseThrow();
    }

    /** Whether the first part is seen right of the second, as on pages that are laid out from the right. */
    private boolean isFromRight() {
        return upright && first.x() > second.x();
    }

    /** The part that is seen left of it, or above it. */
    Box near() {
        return isFromRight() ? second : first;
    }

    /** The part that is seen right of it, or below it. */
    Box far() {
        return isFromRight() ? first : second;
    }

    /** Where it is: x of an upright one, otherwise y. */
    double at() {
        return upright ? (near().right() + far().x()) / 2 : (first.bottom() + second.y()) / 2;
    }

    /** The divider that a point is on, the innermost where several are; or none. */
    static Optional<Divider> under(List<Placed> parts, double x, double y, double reach) {
        Optional<Divider> found = Optional.empty();
        for (Divider d : all(parts)) {
            double off = Math.abs((d.upright ? x : y) - d.at());
            double gap = d.upright ? d.far().x() - d.near().right() : d.second.y() - d.first.bottom();
            boolean along = d.upright
                    ? y >= Math.min(d.first.y(), d.second.y()) && y <= Math.max(d.first.bottom(), d.second.bottom())
                    : x >= Math.min(d.first.x(), d.second.x()) && x <= Math.max(d.first.right(), d.second.right());
            if (along && off <= Math.max(reach, Math.min(gap / 2, reach * 2))) {
                found = Optional.of(d);
            }
        }
        return found;
    }

    /** The tree with the divider moved down or to the right as it is seen, by so many points. */
    Node dragged(Node root, double by) {
        return moved(root, isFromRight() ? -by : by);
    }

    /** The tree with the first part made larger by so many points, at the cost of the second. */
    Node moved(Node root, double by) {
        return Tree.moveDivider(root, container, before, points(first), points(second), by);
    }
}
