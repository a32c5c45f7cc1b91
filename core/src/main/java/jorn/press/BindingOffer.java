package jorn.press;

import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Trouble;

/**
 * A binding that a press offers, and what it asks of a book bound so.
 *
 * @param binding which
 * @param pages how many pages it takes
 * @param spineText when text may stand on the spine; absent where it never may
 * @param coverAllowance what the cover itself adds to the spine
 */
public record BindingOffer(
        @Required Binding binding,
        @Required PageRule pages,
        Optional<SpineText> spineText,
        Optional<Length> coverAllowance) {

    /**
     * @param min fewest pages, from 1
     * @param max most pages
     * @param multiple the page count is rounded up to a multiple of this, from 1
     */
    public record PageRule(@Required int min, @Required int max, @Required int multiple) {
        public PageRule {
            if (min < 1 || max < min || multiple < 1) {
                throw Trouble.of(
                        "a range of " + min + " to " + max + " pages in multiples of " + multiple + " is no range.",
                        "Give min and max from 1 up, max not under min, and multiple from 1 up.");
            }
        }

        /** The next page count, from this one up, that the press can make; not more than its range allows. */
        public int roundUp(int pages) {
            return Math.max(min, (pages + multiple - 1) / multiple * multiple);
        }

        public boolean takes(int pages) {
            return pages >= min && pages <= max && pages % multiple == 0;
        }

        /** "24 to 828 pages, in twos". */
        public String inWords() {
            String steps =
                    switch (multiple) {
                        case 1 -> "";
                        case 2 -> ", in twos";
                        case 4 -> ", in fours";
                        default -> ", in multiples of " + multiple;
                    };
            return min + " to " + max + " pages" + steps;
        }
    }

    /**
     * @param minPages fewest pages for which text may stand on the spine
     * @param clear what must stay empty on either side of the text
     */
    public record SpineText(@Required int minPages, @Required Length clear) {}
}
