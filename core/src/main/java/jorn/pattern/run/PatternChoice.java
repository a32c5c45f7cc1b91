package jorn.pattern.run;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.pattern.page.PatternSpec;

/**
 * That a page of a run is another one than would come by itself, or is to stay.
 *
 * @param seed of its own; none for the one that comes by itself
 * @param pinned whether it stays when all others are made anew
 * @param own all that makes the page, where somebody has changed some of it
 * @param title what it is called in the contents; empty for what Jorn calls it
 */
@RecordBuilder
public record PatternChoice(Optional<Long> seed, boolean pinned, Optional<PatternSpec> own, String title)
        implements PatternChoiceBuilder.With {
    /** A page as it comes. */
    public static final PatternChoice NONE = new PatternChoice(Optional.empty(), false, Optional.empty(), "");

    public PatternChoice {
        seed = seed == null ? Optional.empty() : seed;
        own = own == null ? Optional.empty() : own;
        title = title == null ? "" : title.strip();
    }
}
