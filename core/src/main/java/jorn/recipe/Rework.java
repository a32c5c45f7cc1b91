package jorn.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.measure.Length;
import jorn.measure.Trouble;

/** Changes to a design's tree, by the path of a part. Each makes another tree; what is not touched stays as it is. */
public final class Rework {
    /** At which side of a part another is put. */
    public enum Edge {
        ABOVE,
        BELOW,
        LEFT,
        RIGHT;

        boolean isBefore() {
            return this == ABOVE || this == LEFT;
        }

        boolean isAcross() {
            return this == LEFT || this == RIGHT;
        }
    }

    /** Room between parts that are newly put side by side. */
    private static final Length NEW_GAP = Length.mm(4);

    private static final double LEAST_POINTS = Length.mm(3).points();

    private Rework() {}

    /** @throws IndexOutOfBoundsException where there is no such part */
    public static Node at(Node root, List<Integer> path) {
        Node node = root;
        for (int i : path) {
            node = node.children().get(i);
        }
        return node;
    }

    /** The tree with one part changed. */
    public static Node change(Node root, List<Integer> path, UnaryOperator<Node> change) {
        if (path.isEmpty()) {
            return change.apply(root);
        }
        List<Node> children = new ArrayList<>(root.children());
        int first = path.get(0);
        children.set(first, change(children.get(first), path.subList(1, path.size()), change));
        return root.withChildren(children);
    }

    /**
     * Puts another part beside one. Where its row or column runs that way, it joins it; otherwise the two share the room of
     * the one.
     *
     * @param part the new one; parts that fill their room get a share of it, others their natural height
     */
    public static Node insert(Node root, List<Integer> path, Edge edge, Node part) {
        if (!path.isEmpty()) {
            List<Integer> up = path.subList(0, path.size() - 1);
            int index = path.get(path.size() - 1);
            Node parent = at(root, up);
            int place = edge.isBefore() ? index : index + 1;
            if (parent instanceof Column c && !edge.isAcross()) {
                List<Column.Part> parts = new ArrayList<>(c.parts());
                parts.add(place, column(part));
                return change(root, up, n -> new Column(parts, c.gap(), c.alternate()));
            }
            if (parent instanceof Row r && edge.isAcross()) {
                List<Row.Part> parts = new ArrayList<>(r.parts());
                parts.add(place, Row.Part.share(1, part));
                return change(root, up, n -> new Row(parts, r.gap(), r.alternate()));
            }
        }
        return change(root, path, node -> {
            List<Node> two = edge.isBefore() ? List.of(part, node) : List.of(node, part);
            return edge.isAcross()
                    ? Row.of(NEW_GAP, two.get(0), two.get(1))
                    : new Column(two.stream().map(Rework::column).toList(), NEW_GAP);
        });
    }

    /** The path that a part has once it was {@linkplain #insert put} beside another. */
    public static List<Integer> placeOfNew(Node root, List<Integer> path, Edge edge) {
        List<Integer> place = new ArrayList<>(path);
        if (!path.isEmpty()) {
            Node parent = at(root, path.subList(0, path.size() - 1));
            if (parent instanceof Column && !edge.isAcross() || parent instanceof Row && edge.isAcross()) {
                int last = path.size() - 1;
                place.set(last, edge.isBefore() ? path.get(last) : path.get(last) + 1);
                return place;
            }
        }
        place.add(edge.isBefore() ? 0 : 1);
        return place;
    }

    private static Column.Part column(Node node) {
        return Blocks.fills(node) ? Column.Part.share(1, node) : Column.Part.natural(node);
    }

    /** Makes two of a part, side by side or one below the other, each with half of its room. */
    public static Node split(Node root, List<Integer> path, boolean across) {
        return change(
                root,
                path,
                node -> across
                        ? Row.of(NEW_GAP, node, node)
                        : new Column(List.of(Column.Part.share(1, node), Column.Part.share(1, node)), NEW_GAP));
    }

    /**
     * Takes a part away; the others of its row or column get its room. A row or column with one part left gives way to it.
     *
     * @throws Trouble where nothing would be left
     */
    public static Node remove(Node root, List<Integer> path) {
        if (path.isEmpty()) {
            throw Trouble.of(
                    "This is the only part of the design.", "Put another beside it first, or choose another design.");
        }
        List<Integer> up = path.subList(0, path.size() - 1);
        int index = path.get(path.size() - 1);
        Node parent = at(root, up);
        if (parent instanceof Column c) {
            List<Column.Part> left = without(c.parts(), index);
            Node now =
                    left.size() == 1 && !up.isEmpty() ? left.get(0).node() : new Column(left, c.gap(), c.alternate());
            return left.isEmpty() ? remove(root, up) : change(root, up, n -> now);
        }
        if (parent instanceof Row r) {
            List<Row.Part> left = without(r.parts(), index);
            Node now = left.size() == 1 ? left.get(0).node() : new Row(left, r.gap(), r.alternate());
            return left.isEmpty() ? remove(root, up) : change(root, up, n -> now);
        }
        // A frame without anything in it goes as well.
        return remove(root, up);
    }

    private static <T> List<T> without(List<T> all, int index) {
        List<T> left = new ArrayList<>(all);
        left.remove(index);
        return left;
    }

    /**
     * Moves the line between two neighbours of a row or column. Shares stay shares, so that the design still fits other
     * trims. Where a neighbour has a fixed or natural measure, it is set to another one, and the shares on the other side of
     * the line take up the difference.
     *
     * @param container path of the row or column
     * @param before index of the part above or left of the line
     * @param first present measure of that part, in points
     * @param second present measure of its neighbour, in points
     * @param by how far the line moves down or to the right, in points; stopped where a part would vanish
     */
    public static Node moveDivider(
            Node root, List<Integer> container, int before, double first, double second, double by) {
        List<Integer> one = child(container, before);
        List<Integer> other = child(container, before + 1);
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

    /** The path of a part of a row, column or frame. */
    public static List<Integer> child(List<Integer> path, int index) {
        List<Integer> deeper = new ArrayList<>(path);
        deeper.add(index);
        return deeper;
    }

    /** Whether what is left goes to parts before this one, and to none after it. */
    private static boolean hasShareBefore(Node root, List<Integer> container, int before) {
        boolean earlier = false;
        for (int i = 0; i < at(root, container).children().size(); i++) {
            boolean shares =
                    extent(root, child(container, i)).orElseThrow().share().isPresent();
            if (shares && i > before) {
                return false;
            }
            earlier |= shares;
        }
        return earlier;
    }

    /** Measures are kept to a tenth of a millimetre, so that they can be read. */
    private static Length millimetres(double points) {
        return Length.mm(Math.round(Length.points(points).in(jorn.measure.Unit.MILLIMETRE) * 10) / 10.0);
    }

    private static double[] shares(double a, double b, double first, double second) {
        double whole = a + b;
        double part = Math.round(whole * first / (first + second) * 1000) / 1000.0;
        return new double[] {part, whole - part};
    }

    /**
     * How much room a part gets in its row or column.
     *
     * @param fixed its height or width; absent for a share, or for its natural height
     * @param share of what is left
     */
    public record Extent(Optional<Length> fixed, Optional<Double> share) {
        public static final Extent NATURAL = new Extent(Optional.empty(), Optional.empty());

        public static Extent fixed(Length measure) {
            return new Extent(Optional.of(measure), Optional.empty());
        }

        public static Extent share(double share) {
            return new Extent(Optional.empty(), Optional.of(share));
        }
    }

    /** The room that a part gets, if it stands in a row or column. */
    public static Optional<Extent> extent(Node root, List<Integer> path) {
        if (path.isEmpty()) {
            return Optional.empty();
        }
        Node parent = at(root, path.subList(0, path.size() - 1));
        int index = path.get(path.size() - 1);
        if (parent instanceof Column c) {
            Column.Part p = c.parts().get(index);
            return Optional.of(new Extent(p.height(), p.share()));
        }
        if (parent instanceof Row r) {
            Row.Part p = r.parts().get(index);
            return Optional.of(new Extent(
                    p.width(), p.width().isPresent() ? p.share() : p.share().or(() -> Optional.of(1.0))));
        }
        return Optional.empty();
    }

    /** Gives a part of a row or column other room; of any other part nothing changes. */
    public static Node withExtent(Node root, List<Integer> path, Extent extent) {
        if (path.isEmpty()) {
            return root;
        }
        int index = path.get(path.size() - 1);
        return change(root, path.subList(0, path.size() - 1), parent -> {
            if (parent instanceof Column c) {
                List<Column.Part> parts = new ArrayList<>(c.parts());
                parts.set(
                        index,
                        new Column.Part(
                                extent.fixed(), extent.share(), parts.get(index).node()));
                return new Column(parts, c.gap(), c.alternate());
            }
            if (parent instanceof Row r) {
                List<Row.Part> parts = new ArrayList<>(r.parts());
                parts.set(
                        index,
                        new Row.Part(
                                extent.fixed(), extent.share(), parts.get(index).node()));
                return new Row(parts, r.gap(), r.alternate());
            }
            return parent;
        });
    }

    /** The path of the row or column in which a part stands, if it stands in one. */
    public static Optional<List<Integer>> container(List<Integer> path) {
        return path.isEmpty() ? Optional.empty() : Optional.of(path.subList(0, path.size() - 1));
    }
}
