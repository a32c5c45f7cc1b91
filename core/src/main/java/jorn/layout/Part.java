package jorn.layout;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;

/**
 * A part of a stack: a node, and how much room it gets.
 *
 * @param extent fixed, a share, or as much as the node wants
 */
public record Part(@JsonIgnore Extent extent, @Required Node node) {
    @JsonCreator
    static Part read(
            @JsonProperty("fixed") Optional<Length> fixed,
            @JsonProperty("share") Optional<Double> share,
            @JsonProperty(value = "node", required = true) Node node) {
        return new Part(new Extent(fixed, share), node);
    }

    /** Its height or width, where it is fixed. */
    @JsonProperty("fixed")
    public Optional<Length> fixed() {
        return extent.fixed();
    }

    /** Its share of what is left, where it has one. */
    @JsonProperty("share")
    public Optional<Double> share() {
        return extent.share();
    }

    public static Part natural(Node node) {
        return new Part(Extent.NATURAL, node);
    }

    public static Part share(double share, Node node) {
        return new Part(Extent.share(share), node);
    }

    public static Part fixed(Length measure, Node node) {
        return new Part(Extent.fixed(measure), node);
    }

    public Part with(Node other) {
        return new Part(extent, other);
    }

    public Part with(Extent other) {
        return new Part(other, node);
    }

    /** What it asks for along a stack, in points; nothing where it has a share. */
    double wanted(Axis axis, double across, Flow flow) {
        if (extent.fixed().isPresent()) {
            return extent.fixed().get().points();
        }
        // A width that a node wants is not known before its height: side by side, parts without a measure share what is
        // left.
        return extent.isNatural() && axis == Axis.DOWN ? node.naturalHeight(across, flow) : 0;
    }

    Optional<Double> share(Axis axis) {
        return extent.isNatural() && axis == Axis.ACROSS ? Optional.of(1.0) : extent.share();
    }
}
