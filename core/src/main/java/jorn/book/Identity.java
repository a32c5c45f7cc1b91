package jorn.book;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.UUID;
import jorn.json.Kept;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.PlainWords;

/**
 * Which book it is, what it is called, who made it, and what it is.
 *
 * @param id the book's own for as long as it lives, under whatever name it is kept; a file without one is given one
 * @param title may be empty while the book has none; 300 letters at most, like subtitle and author
 * @param subtitle may be empty
 * @param author as it stands on the cover; may be empty
 * @param kind what it is, in a few words: "lined journal"
 * @param starter id of the starter that it began as
 * @param kept what the book's file says beside, which this version does not know
 */
@RecordBuilder
public record Identity(
        UUID id,
        @Required String title,
        String subtitle,
        @Required String author,
        @Required String kind,
        @Required String starter,
        @JsonIgnore Kept kept)
        implements IdentityBuilder.With {
    private static final int LONGEST_WORDS = 300;

    /** A book that is new, without title and author. */
    static Identity fresh(String kind, String starter) {
        return new Identity(UUID.randomUUID(), "", "", "", kind, starter, Kept.NOTHING);
    }

    public Identity {
        id = id == null ? UUID.randomUUID() : id;
        kept = kept == null ? Kept.NOTHING : kept;
        title = PlainWords.line(title);
        subtitle = subtitle == null ? "" : PlainWords.line(subtitle);
        author = PlainWords.line(author);
        for (String words : List.of(title, subtitle, author)) {
            if (words.length() > LONGEST_WORDS) {
                throw Trouble.of("book.identity.title-subtitle-or-author", words.length(), LONGEST_WORDS);
            }
        }
    }
}
