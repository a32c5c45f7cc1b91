package jorn.recipe;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.page.Box;
import jorn.page.Mark;
import jorn.page.Palette.Role;

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
        gap = gap == null ? Length.ZERO : gap;
    }

    /** Equal parts. */
    public static Row of(Length gap, Node... nodes) {
        return new Row(java.util.Arrays.stream(nodes).map(n -> Part.share(1, n)).toList(), gap, false);
    }

    private double[] widths(double whole) {
        double[] wanted = parts.stream()
                .mapToDouble(p -> p.width().map(Length::points).orElse(0.0))
                .toArray();
        return Extents.divide(
                whole,
                gap.points(),
                wanted,
                parts.stream().map(Part::shareOrOne).toList());
    }

    @Override
    public void draw(Box area, Flow flow, List<Mark> out) {
        double[] widths = widths(area.width());
        double x = area.x();
        for (int i = 0; i < widths.length; i++) {
            Box cell = new Box(x, area.y(), widths[i], area.height());
            if (alternate && i % 2 == 0) {
                new Pen(flow, out).tint(cell, Role.TINT);
            }
            parts.get(i).node().draw(cell, flow, out);
            x += widths[i] + gap.points();
        }
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
    public Node map(UnaryOperator<Node> change) {
        return new Row(
                parts.stream()
                        .map(p -> new Part(p.width(), p.share(), p.node().map(change)))
                        .toList(),
                gap,
                alternate);
    }
}
