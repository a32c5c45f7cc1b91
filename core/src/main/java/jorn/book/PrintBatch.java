package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.measure.Trouble;
import jorn.say.Wording;

/**
 * Copies ordered at once.
 *
 * @param copies from 1
 * @param setup what the order costs before the first copy, from 0
 * @param perCopy what each copy costs, above 0
 */
@RecordBuilder
public record PrintBatch(int copies, double setup, double perCopy) implements PrintBatchBuilder.With {
    private static final int MOST_COPIES = 1_000_000;

    public PrintBatch {
        requireCopies(copies);
        if (!(setup >= 0)) {
            throw Trouble.of("book.plans.fixed-part-less-than");
        }
        Plans.positive(Wording.of("book.plans.price-copy"), perCopy, 1_000_000);
    }

    static void requireCopies(int copies) {
        if (copies < 1 || copies > MOST_COPIES) {
            throw Trouble.of("book.plans.number-copies-out-range");
        }
    }
}
