package jorn.press;

import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * From a list price on, another share.
 *
 * @param from the list price, above 0
 * @param share of it that the author gets before the print cost, 0.01 to 1
 */
public record ShareStep(@Required double from, @Required double share) {
    /** Less would make prices without end. */
    private static final double LEAST = 0.01;

    public ShareStep {
        if (!(from > 0)) {
            throw Trouble.of("press.share-step.no-price", from);
        }
        requireShare(share);
    }

    /** @throws Trouble where it is no share */
    static void requireShare(double share) {
        if (!(share >= LEAST) || share > 1) {
            throw Trouble.of("press.market.share-out-range", share);
        }
    }
}
