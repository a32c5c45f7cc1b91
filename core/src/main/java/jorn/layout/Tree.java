package jorn.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.measure.Length;
import jorn.measure.Trouble;
import jorn.measure.Unit;

/** Changes to a design's tree, by the path of a part. Each makes another tree; what is not touched stays as it is. */
public final class Tree {
    /** At which side of a part another is put. */
    public enum Edge {
        ABOVE(Axis.DOWN, true),
        BELOW(Axis.DOWN, false),
        LEFT(Axis.ACROSS, true),
        RIGHT(Axis.ACROSS, false);

        private final Axis axis;
        private final boolean before;

        Edge(Axis axis, boolean before) {
            this.axis = axis;
            this.before = before;
        }

        /** The side that it is in a mirror: left and right change. */
        public Edge mirrored() {
            return switch (this) {
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
                case ABOVE, BELOW -> this;
            };
        }
    }

    /** Room between parts that are newly put side by side. */
    private static final Length NEW_GAP = Length.mm(4);

    /** No part is made smaller than this by dragging. */
    private static final double LEAST_POINTS = Length.mm(3).points();

    private Tree() {}

    /** @throws IndexOutOfBoundsException where there is no such part */
    public static Node at(Node root, NodePath path) {
        Node node = root;
        for (int i : path.steps()) {
            node = node.children().get(i);
        }
        return node;
    }

    /** The tree with one part changed. */
    public static Node change(Node root, NodePath path, UnaryOperator<Node> change) {
        return change(root, path.steps(), change);
    }

    private static Node change(Node root, List<Integer> steps, UnaryOperator<Node> change) {
        if (steps.isEmpty()) {
            return change.apply(root);
        }
        List<Node> children = new ArrayList<>(root.children());
        int first = steps.get(0);
        children.set(first, change(children.get(first), steps.subList(1, steps.size()), change));
        return root.withChildren(children);
    }

    private static Node changeParts(Node root, NodePath path, UnaryOperator<List<Part>> change) {
        return change(root, path, n -> {
            Stack stack = (Stack) n;
            return stack.withParts(change.apply(new ArrayList<>(stack.parts())));
        });
    }

    /** The stack in which a part stands, if it stands in one. */
    private static Optional<Stack> stackOf(Node root, NodePath path) {
        return path.parent()
                .map(up -> at(root, up))
                .filter(Stack.class::isInstance)
                .map(Stack.class::cast);
    }

    private static boolean joins(Node root, NodePath path, Edge edge) {
        return stackOf(root, path).filter(s -> s.axis() == edge.axis).isPresent();
    }

    /**
     * Puts another part beside one. Where its stack runs that way, it joins it; otherwise the two share the room of the one.
     *
     * @param part the new one; parts that fill their room get a share of it, others their natural height
     */
    public static Node insert(Node root, NodePath path, Edge edge, Node part) {
        if (joins(root, path, edge)) {
            int place = edge.before ? path.index() : path.index() + 1;
            return changeParts(root, path.parent().orElseThrow(), parts -> {
                parts.add(place, newPart(edge.axis, part));
                return parts;
            });
        }
        return change(root, path, node -> {
            List<Node> two = edge.before ? List.of(part, node) : List.of(node, part);
            return new Stack(
                    edge.axis, two.stream().map(n -> newPart(edge.axis, n)).toList(), NEW_GAP, false);
        });
    }

    /** The path that a part has once it was {@linkplain #insert put} beside another. */
    public static NodePath placeOfNew(Node root, NodePath path, Edge edge) {
        if (joins(root, path, edge)) {
            return path.sibling(edge.before ? path.index() : path.index() + 1);
        }
        return path.child(edge.before ? 0 : 1);
    }

    private static Part newPart(Axis axis, Node node) {
        return axis == Axis.ACROSS || NodeKinds.fills(node) ? Part.share(1, node) : Part.natural(node);
    }

    /** Makes two of a part, side by side or one below the other, each with half of its room. */
    public static Node split(Node root, NodePath path, Axis axis) {
        return change(
                root, path, node -> new Stack(axis, List.of(Part.share(1, node), Part.share(1, node)), NEW_GAP, false));
    }

    /**
     * Takes a part away; the others of its stack get its room. A stack with one part left gives way to it.
     *
     * @throws Trouble where nothing would be left
     */
    public static Node remove(Node root, NodePath path) {
        NodePath up = path.parent().orElseThrow(() -> Trouble.of("layout.tree.only-part-design"));
        Optional<Stack> stack = stackOf(root, path);
        if (stack.isEmpty() || stack.get().parts().size() == 1) {
            // A frame without anything in it goes as well.
            return remove(root, up);
        }
        List<Part> left = new ArrayList<>(stack.get().parts());
        left.remove(path.index());
        // The root stays a stack that runs down, so that further parts can be put below.
        boolean givesWay = left.size() == 1 && (!up.isRoot() || stack.get().axis() == Axis.ACROSS);
        Node now = givesWay ? left.get(0).node() : stack.get().withParts(left);
        return change(root, up, n -> now);
    }

    /**
     * Moves the line between two neighbours of a stack. Shares stay shares, so that the design still fits other trims. Where a
     * neighbour has a fixed or natural measure, it is set to another one, and the shares on the other side of the line take up
     * the difference.
     *
     * @param container path of the stack
     * @param before index of the part above or left of the line
     * @param first present measure of that part, in points
     * @param second present measure of its neighbour, in points
     * @param by how far the line moves down or to the right, in points; stopped where a part would vanish
     */
    public static Node moveDivider(Node root, NodePath container, int before, double first, double second, double by) {
        NodePath one = container.child(before);
        NodePath other = container.child(before + 1);
        Extent a = extent(root, one).orElseThrow();
        Extent b = extent(root, other).orElseThrow();
        double least = Math.min(LEAST_POINTS, Math.min(first, second));
        if (a.share().isPresent() && b.share().isPresent()) {
            double moved = Math.max(least - first, Math.min(second - least, by));
            double[] shares = shares(a.share().get(), b.share().get(), first + moved, second - moved);
            return withExtent(withExtent(root, one, Extent.share(shares[0])), other, Extent.share(shares[1]));
        }
        boolean setsFirst = a.share().isEmpty() && (b.share().isPresent() || !hasShareBefore(root, container, before));
        if (setsFirst) {
            double most = b.share().isPresent() ? first + second - least : Double.MAX_VALUE;
            return withExtent(root, one, fixed(Math.min(most, first + by), Math.min(LEAST_POINTS, first)));
        }
        double most = a.share().isPresent() ? first + second - least : Double.MAX_VALUE;
        return withExtent(root, other, fixed(Math.min(most, second - by), Math.min(LEAST_POINTS, second)));
    }

    private static Extent fixed(double points, double least) {
        return Extent.fixed(millimetres(Math.max(least, points)));
    }

    /** Whether what is left goes to parts before this one, and to none after it. */
    private static boolean hasShareBefore(Node root, NodePath container, int before) {
        boolean earlier = false;
        for (int i = 0; i < at(root, container).children().size(); i++) {
            boolean shares =
                    extent(root, container.child(i)).orElseThrow().share().isPresent();
            if (shares && i > before) {
                return false;
            }
            earlier |= shares;
        }
        return earlier;
    }

    /** Measures are kept to a tenth of a millimetre, so that they can be read. */
    private static Length millimetres(double points) {
        return Length.mm(Math.round(Length.points(points).in(Unit.MILLIMETRE) * 10) / 10.0);
    }

    private static double[] shares(double a, double b, double first, double second) {
        double whole = a + b;
        double part = Math.round(whole * first / (first + second) * 1000) / 1000.0;
        return new double[] {part, whole - part};
    }

    /** The room that a part gets, if it stands in a stack; side by side, one share where it has no measure of its own. */
    public static Optional<Extent> extent(Node root, NodePath path) {
        return stackOf(root, path).map(stack -> {
            Part part = stack.parts().get(path.index());
            return part.share(stack.axis()).map(Extent::share).orElse(part.extent());
        });
    }

    /** Gives a part of a stack other room; of any other part nothing changes. */
    public static Node withExtent(Node root, NodePath path, Extent extent) {
        if (stackOf(root, path).isEmpty()) {
            return root;
        }
        return changeParts(root, path.parent().orElseThrow(), parts -> {
            parts.set(path.index(), parts.get(path.index()).with(extent));
            return parts;
        });
    }
}
