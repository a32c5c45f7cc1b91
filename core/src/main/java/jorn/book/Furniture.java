package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.block.text.Folio;
import jorn.block.text.RunningHead;

/**
 * What stands on every page besides its design: page number and running head. Room for it is taken from the design's, so
 * that it never leaves the margins.
 *
 * @param folio the page number; absent for none
 * @param folioAtHead whether it stands at the head instead of the foot
 * @param head the running head; absent for none. It stands on the pages of the body alone (common practice)
 * @param monthMarks whether pages that stand for a month, or lie in one, have its mark at the fore-edge
 */
@RecordBuilder
public record Furniture(Optional<Folio> folio, boolean folioAtHead, Optional<RunningHead> head, boolean monthMarks)
        implements FurnitureBuilder.With {
    /** Without month marks. */
    public Furniture(Optional<Folio> folio, boolean folioAtHead, Optional<RunningHead> head) {
        this(folio, folioAtHead, head, false);
    }

    /** Bare pages. */
    public static final Furniture NONE = new Furniture(Optional.empty(), false, Optional.empty(), false);
}
