package jorn.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.measure.Length;

/**
 * Parts one below the other. Fixed and natural heights are given first; what is left goes to the shares. Where there is
 * too little room for the fixed parts, all of them shrink in proportion, so nothing overlaps and nothing leaves the area.
 *
 * @param parts from the head down
 * @param gap between parts
 * @param alternate whether every other part has a tint behind it
 */
public record Column(@Required List<Part> parts, Length gap, boolean alternate) implements Node {
    public Column(List<Part> parts, Length gap) {
        this(parts, gap, false);
    }

    /**
     * One part of a column.
     *
     * @param height fixed; absent for the height that the node wants, or a share
     * @param share of what is left; absent where the height is fixed or natural
     */
    public record Part(Optional<Length> height, Optional<Double> share, @Required Node node) {
        public Part {
            height = Limits.extent(height, "A part's height");
            share = Limits.share(share);
        }

        public static Part natural(Node node) {
            return new Part(Optional.empty(), Optional.empty(), node);
        }

        public static Part share(double share, Node node) {
            return new Part(Optional.empty(), Optional.of(share), node);
        }

        public static Part fixed(Length height, Node node) {
            return new Part(Optional.of(height), Optional.empty(), node);
        }

        private double wanted(double width, Flow flow) {
            return height.map(Length::points).orElseGet(() -> share.isPresent() ? 0 : node.naturalHeight(width, flow));
        }
    }

    public Column {
        parts = List.copyOf(parts);
        gap = Limits.room(gap, "The gap");
    }

    public static Column of(Part... parts) {
        return new Column(List.of(parts), Length.ZERO);
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        List<Box> places = places(area, flow);
        for (int i = 0; i < places.size(); i++) {
            if (alternate && i % 2 == 0) {
                new Pen(flow, out).tint(places.get(i), Role.TINT);
            }
            parts.get(i).node().draw(places.get(i), flow, out);
        }
    }

    @Override
    public List<Box> places(Box area, Flow flow) {
        double[] wanted =
                parts.stream().mapToDouble(p -> p.wanted(area.width(), flow)).toArray();
        double between = Extents.gap(area.height(), gap.points(), parts.size());
        double[] heights = Extents.divide(
                area.height(), between, wanted, parts.stream().map(Part::share).toList());
        List<Box> places = new ArrayList<>();
        double y = area.y();
        for (double height : heights) {
            places.add(new Box(area.x(), y, area.width(), height));
            y += height + between;
        }
        return places;
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        return parts.stream().mapToDouble(p -> p.wanted(width, flow)).sum()
                + gap.points() * Math.max(0, parts.size() - 1);
    }

    @Override
    public List<Node> children() {
        return parts.stream().map(Part::node).toList();
    }

    @Override
    public Column withChildren(List<Node> nodes) {
        List<Part> now = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            now.add(new Part(parts.get(i).height(), parts.get(i).share(), nodes.get(i)));
        }
        return new Column(now, gap, alternate);
    }
}
