package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Label;

/**
 * The three weights of line that a page has, and no more.
 *
 * @param writing to write on
 * @param frame round boxes, tables and cells, and between days
 * @param head below headings and round pages
 */
@RecordBuilder
public record RuleSet(
        @Label("style.label.writing") @Required Rule writing,
        @Label("style.label.frame") @Required Rule frame,
        @Label("style.label.head-rule") @Required Rule head)
        implements RuleSetBuilder.With {
    public RuleSet {
        if (writing.weight() > frame.weight() || frame.weight() > head.weight()) {
            throw Trouble.of("style.rule-set.bad-order", writing.weight(), frame.weight(), head.weight());
        }
    }
}
