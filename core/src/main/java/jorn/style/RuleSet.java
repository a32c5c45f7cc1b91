package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * The three weights of line that a page has, and no more.
 *
 * @param writing to write on
 * @param frame round boxes, tables and cells, and between days
 * @param head below headings and round pages
 */
@RecordBuilder
public record RuleSet(@Required Rule writing, @Required Rule frame, @Required Rule head)
        implements RuleSetBuilder.With {
    public RuleSet {
        if (writing.weight() > frame.weight() || frame.weight() > head.weight()) {
            throw Trouble.of("style.rule-set.bad-order", writing.weight(), frame.weight(), head.weight());
        }
    }
}
