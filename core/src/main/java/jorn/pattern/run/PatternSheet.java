package jorn.pattern.run;

import jorn.content.Pending;
import jorn.content.Titled;
import jorn.pattern.page.PatternSpec;

/**
 * A page of a run of patterns, which need not have been made yet.
 *
 * @param set all pages of the run
 * @param number from 1
 */
public record PatternSheet(PatternSet set, int number) implements Pending, Titled {
    public PatternSpec spec() {
        return set.spec(number);
    }

    /** What it is called in the contents, in a language. */
    @Override
    public String title(String language) {
        String own = set.patterns().choice(number).title();
        return own.isEmpty() ? PatternWords.title(spec(), language) : own;
    }

    @Override
    public void await() {
        set.await(number);
    }
}
