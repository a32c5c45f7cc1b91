package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * Copies that the author orders from the press and sells, at a stall, by post, or through a shop on sale or return.
 *
 * @param copies how many are ordered, from 1
 * @param tax on the order in per cent, 0 to 100
 * @param delivery what sending the whole order to the author costs, from 0
 * @param price for which one is sold, from 0
 * @param discount what a shop keeps of that price, 0 to 100 per cent
 * @param packing weight of an envelope or a carton for one copy in grams, from 0
 * @param postage what posting one copy costs, by weight, in ascending order
 */
@RecordBuilder
public record DirectPlan(
        int copies,
        double tax,
        double delivery,
        double price,
        double discount,
        double packing,
        List<PostageBand> postage)
        implements DirectPlanBuilder.With {
    /** Ten copies, an envelope of 25 g, and a shop that keeps 40 per cent (common practice). */
    public static final DirectPlan CUSTOMARY = new DirectPlan(10, 0, 0, 0, 40, 25, List.of());

    private static final double WHOLE = 100;

    /**
     * Up to so many grams, posting costs so much.
     *
     * @param upTo in grams, above 0
     * @param price from 0
     */
    public record PostageBand(@Required double upTo, @Required double price) {
        public PostageBand {
            Plans.positive(Wording.of("book.direct-plan.grams"), upTo, 1_000_000);
            Plans.notNegative(Wording.of("book.direct-plan.postage"), price);
        }
    }

    public DirectPlan {
        PrintBatch.requireCopies(copies);
        Plans.notNegative(Wording.of("book.direct-plan.delivery"), delivery);
        Plans.notNegative(Wording.of("book.direct-plan.price"), price);
        Plans.notNegative(Wording.of("book.direct-plan.packing"), packing);
        requirePerCent(Wording.of("book.direct-plan.tax"), tax);
        requirePerCent(Wording.of("book.direct-plan.discount"), discount);
        postage = postage == null ? List.of() : List.copyOf(postage);
        for (int i = 1; i < postage.size(); i++) {
            if (postage.get(i).upTo() <= postage.get(i - 1).upTo()) {
                throw Trouble.of(
                        "book.direct-plan.bands-do-not-ascend", postage.get(i).upTo());
            }
        }
    }

    private static void requirePerCent(String what, double value) {
        if (!(value >= 0) || value > WHOLE) {
            throw Trouble.of("book.direct-plan.no-per-cent", what, value);
        }
    }
}
