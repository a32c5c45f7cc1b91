package jorn.press;

import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * From so many pages to so many.
 *
 * @param from fewest, from 1
 * @param to most; without end where absent
 */
public record PageBand(@Required int from, Optional<Integer> to) implements Comparable<PageBand> {
    /** Every page count. */
    public static final PageBand ALL = new PageBand(1, Optional.empty());

    public PageBand {
        to = to == null ? Optional.empty() : to;
        if (from < 1 || to.filter(t -> t < from).isPresent()) {
            throw Trouble.of(
                    "press.page-band.no-band", from, to.map(t -> "" + t).orElse(""));
        }
    }

    /** Whether it holds this page count. */
    public boolean holds(int pages) {
        return pages >= from && pages <= last();
    }

    private int last() {
        return to.orElse(Integer.MAX_VALUE);
    }

    /** Whether some page count is in both. */
    boolean overlaps(PageBand other) {
        return from <= other.last() && other.from <= last();
    }

    /** Whether the other begins where this one ends. */
    boolean isFollowedBy(PageBand other) {
        return to.isPresent() && other.from == to.get() + 1;
    }

    @Override
    public int compareTo(PageBand other) {
        return Integer.compare(from, other.from);
    }

    /** "24–108", or "109–" where it has no end. */
    public String inFigures() {
        return from + "–" + to.map(t -> "" + t).orElse("");
    }
}
