package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How the pages of a run are found.
 *
 * @param numbering how they are numbered
 * @param inContents whether the run is listed in the contents
 */
@RecordBuilder
public record Listing(Numbering numbering, boolean inContents) implements ListingBuilder.With {
    /** Numbered as the pages before, not in the contents. */
    public static final Listing CUSTOMARY = new Listing(Numbering.CONTINUED, false);

    public Listing {
        numbering = numbering == null ? Numbering.CONTINUED : numbering;
    }
}
