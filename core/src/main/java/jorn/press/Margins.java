package jorn.press;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;

/**
 * The least margins that a press asks for.
 *
 * @param outside fore-edge, head and foot where nothing bleeds
 * @param outsideWithBleed the same where the book bleeds; as outside where absent
 * @param foot the foot alone, where it wants more than the other sides
 * @param gutter the inside margin by page count, in ascending order; the last step holds for all above it. One step alone is
 *     a flat gutter
 */
public record Margins(
        @Required Length outside,
        Optional<Length> outsideWithBleed,
        Optional<Length> foot,
        @Required List<GutterStep> gutter) {

    /** Up to so many pages, this gutter. */
    public record GutterStep(@Required int upTo, @Required Length gutter) {}

    public Margins {
        gutter = List.copyOf(gutter);
        if (gutter.isEmpty()) {
            throw Trouble.of("press.margins.there-no-gutter");
        }
        for (int i = 1; i < gutter.size(); i++) {
            if (gutter.get(i).upTo() <= gutter.get(i - 1).upTo()) {
                throw Trouble.of("press.margins.gutter-steps-do-not");
            }
        }
    }

    /** Whether the gutter is the same for every page count. */
    @JsonIgnore
    public boolean isFlat() {
        return gutter.size() == 1;
    }

    /** The step that holds for a book of so many pages. */
    public GutterStep gutterFor(int pages) {
        return gutter.stream().filter(s -> pages <= s.upTo()).findFirst().orElse(gutter.get(gutter.size() - 1));
    }

    /** Fore-edge and head. */
    public Length outside(boolean bleed) {
        return bleed ? outsideWithBleed.orElse(outside) : outside;
    }

    /** The foot. */
    public Length foot(boolean bleed) {
        return foot.filter(f -> f.compareTo(outside(bleed)) > 0).orElse(outside(bleed));
    }
}
