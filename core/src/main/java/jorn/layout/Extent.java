package jorn.layout;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Optional;
import jorn.measure.Length;
import jorn.say.Wording;

/**
 * How much room a part gets in its stack.
 *
 * @param fixed its height or width; absent for a share, or for what its node wants
 * @param share of what is left, above 0 up to 1,000; absent where it is fixed or natural
 */
public record Extent(Optional<Length> fixed, Optional<Double> share) {
    /** As much as the node wants. */
    public static final Extent NATURAL = new Extent(Optional.empty(), Optional.empty());

    public Extent {
        fixed = Limits.extent(fixed, Wording.of("layout.extent.part-s-measure"));
        share = Limits.share(share);
    }

    public static Extent fixed(Length measure) {
        return new Extent(Optional.of(measure), Optional.empty());
    }

    public static Extent share(double share) {
        return new Extent(Optional.empty(), Optional.of(share));
    }

    @JsonIgnore
    public boolean isNatural() {
        return fixed.isEmpty() && share.isEmpty();
    }
}
