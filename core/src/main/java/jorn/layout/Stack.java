package jorn.layout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jorn.art.Box;
import jorn.art.Mark;
import jorn.art.Palette.Role;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.say.Label;
import jorn.say.Wording;

/**
 * Parts one below the other or side by side. What is fixed or natural is given first; what is left goes to the shares. Side
 * by side a part with neither has one share. Where there is too little room for the fixed parts, all of them shrink in
 * proportion, so nothing overlaps and nothing leaves the area.
 *
 * @param axis which way they follow one another
 * @param parts from the head down, or from left to right as in a book that reads so
 * @param gap between parts, 0 to 200 mm
 * @param alternate whether every other part has a tint behind it
 */
public record Stack(
        @Required Axis axis,
        @Required List<Part> parts,
        @Label("layout.stack.gap") Length gap,
        @Label("layout.stack.every-other-tinted") boolean alternate)
        implements Node {
    static final NodeKind<Stack> KIND = NodeKind.of("stack", Stack.class)
            .filling()
            .called(s -> s.axis == Axis.DOWN ? Wording.of("layout.stack.column") : Wording.of("layout.stack.row"));

    public Stack {
        parts = List.copyOf(parts);
        gap = Limits.room(gap, Wording.of("layout.stack.gap-2"));
    }

    /** Parts from the head down. */
    public static Stack down(Length gap, List<Part> parts) {
        return new Stack(Axis.DOWN, parts, gap, false);
    }

    /** Parts from the head down, without a gap. */
    public static Stack down(Part... parts) {
        return down(Length.ZERO, List.of(parts));
    }

    /** Parts side by side. */
    public static Stack across(Length gap, List<Part> parts) {
        return new Stack(Axis.ACROSS, parts, gap, false);
    }

    /** Equal parts side by side. */
    public static Stack across(Length gap, Node... nodes) {
        return across(gap, Arrays.stream(nodes).map(n -> Part.share(1, n)).toList());
    }

    public Stack withParts(List<Part> now) {
        return new Stack(axis, now, gap, alternate);
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
        if (axis == Axis.DOWN && flow.grid().snaps()) {
            return new Rows(this, flow).places(area);
        }
        double whole = axis.length(area);
        double between = Shares.gap(whole, gap.points(), parts.size());
        double at = 0;
        List<Box> places = new ArrayList<>();
        for (double length : lengths(whole, area.width(), flow)) {
            places.add(axis.part(area, at, length));
            at += length + between;
        }
        return places;
    }

    private double[] lengths(double whole, double width, Flow flow) {
        double[] wanted =
                parts.stream().mapToDouble(p -> p.wanted(axis, width, flow)).toArray();
        List<Optional<Double>> shares = parts.stream().map(p -> p.share(axis)).toList();
        return Shares.divide(whole, Shares.gap(whole, gap.points(), parts.size()), wanted, shares);
    }

    @Override
    public double naturalHeight(double width, Flow flow) {
        if (axis == Axis.DOWN && flow.grid().snaps()) {
            return new Rows(this, flow).naturalHeight(width);
        }
        if (axis == Axis.DOWN) {
            return parts.stream().mapToDouble(p -> p.wanted(axis, width, flow)).sum()
                    + gap.points() * Math.max(0, parts.size() - 1);
        }
        double[] widths = lengths(width, width, flow);
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
    public Stack withChildren(List<Node> nodes) {
        List<Part> now = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            now.add(parts.get(i).with(nodes.get(i)));
        }
        return withParts(now);
    }
}
