package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * What a book is called, who made it, and what it is.
 *
 * @param title may be empty while the book has none; 300 letters at most, like subtitle and author
 * @param subtitle may be empty
 * @param author as it stands on the cover; may be empty
 * @param kind what it is, in a few words: "lined journal"
 * @param starter id of the starter that it began as
 */
@RecordBuilder
public record Identity(
        @Required String title,
        String subtitle,
        @Required String author,
        @Required String kind,
        @Required String starter)
        implements IdentityBuilder.With {
    private static final int LONGEST_WORDS = 300;

    public Identity {
        subtitle = subtitle == null ? "" : subtitle;
        for (String words : List.of(title, subtitle, author)) {
            if (words.length() > LONGEST_WORDS) {
                throw Trouble.of(
                        "A title, subtitle or author of " + words.length() + " letters is too long.",
                        "Use at most " + LONGEST_WORDS + ".");
            }
        }
    }
}
