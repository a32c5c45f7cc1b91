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
 * Parts side by side. Fixed widths are given first; what is left goes to the shares; a part with neither has one share.
 *
 * @param parts from left to right, as in a book that reads so
 * @param gap between parts
 * @param alternate whether every other part has a tint behind it
 */
public record Row(@Required List<Part> parts, Length gap, boolean alternate) implements Node {
    /**
     * One part of a row.
     *
     * @param width fixed; absent for a share
     * @param share of what is left, 1 where absent
     */
    public record Part(Optional<Length> width, Optional<Double> share, @Required Node node) {
        public Part {
            width = Limits.extent(width, "A part's width");
            share = Limits.share(share);
        }

        public static Part share(double share, Node node) {
            return new Part(Optional.empty(), Optional.of(share), node);
        }

        public static Part fixed(Length width, Node node) {
            return new Part(Optional.of(width), Optional.empty(), node);
        }

        private Optional<Double> shareOrOne() {
            return width.isPresent() ? Optional.empty() : Optional.of(share.orElse(1.0));
        }
    }

    public Row {
        parts = List.copyOf(parts);
        gap = Limits.room(gap, "The gap");
    }

    /** Equal parts. */
    public static Row of(Length gap, Node... nodes) {
        return new Row(java.util.Arrays.stream(nodes).map(n -> Part.share(1, n)).toList(), gap, false);
    }

    private double between(double whole) {
        return Extents.gap(whole, gap.points(), parts.size());
    }

    private double[] widths(double whole) {
        double[] wanted = parts.stream()
                .mapToDouble(p -> p.width().map(Length::points).orElse(0.0))
                .toArray();
        return Extents.divide(
                whole,
                between(whole),
                wanted,
                parts.stream().map(Part::shareOrOne).toList());
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
        List<Box> places = new ArrayList<>();
        double x = area.x();
        for (double width : widths(area.width())) {
            places.add(new Box(x, area.y(), width, area.height()));
            x += width + between(area.width());
        }
        return places;
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        double[] widths = widths(width);
        double most = 0;
        for (int i = 0; i < widths.length; i++) {
            most = Math.max(most, parts.get(i).node().naturalHeight(widths[i], flow));
        }
        return most;
    }

    @Override
    public List<Node> children() {
        return parts.stream().map(Part::node).toList();
    }

    @Override
    public Row withChildren(List<Node> nodes) {
        List<Part> now = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            now.add(new Part(parts.get(i).width(), parts.get(i).share(), nodes.get(i)));
        }
        return new Row(now, gap, alternate);
    }
}
