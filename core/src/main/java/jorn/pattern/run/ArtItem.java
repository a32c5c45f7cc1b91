package jorn.pattern.run;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.scan.Cleaning;

/**
 * A drawing that fills a page.
 *
 * @param picture id of what is shown
 * @param original id of the picture as it came in; the same where nothing was done to it
 * @param part which of several drawings on the original it is, from 0
 * @param cleaning what was done to it
 * @param title what it is called in the contents
 */
@RecordBuilder
public record ArtItem(@Required String picture, @Required String original, int part, Cleaning cleaning, String title)
        implements ArtItemBuilder.With {
    public ArtItem {
        cleaning = cleaning == null ? Cleaning.NONE : cleaning;
        title = title == null ? "" : title.strip();
    }
}
