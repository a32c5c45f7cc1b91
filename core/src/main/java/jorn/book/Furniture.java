package jorn.book;

import java.util.Optional;
import jorn.recipe.Folio;
import jorn.recipe.RunningHead;

/**
 * What stands on every page besides its design: page number and running head. Room for it is taken from the design's, so
 * that it never leaves the margins.
 *
 * @param folio the page number; absent for none
 * @param folioAtHead whether it stands at the head instead of the foot
 * @param head the running head; absent for none. It stands on the pages of the body alone (common practice)
 */
public record Furniture(Optional<Folio> folio, boolean folioAtHead, Optional<RunningHead> head) {
    /** Bare pages. */
    public static final Furniture NONE = new Furniture(Optional.empty(), false, Optional.empty());

    public Furniture withFolio(Optional<Folio> f) {
        return new Furniture(f, folioAtHead, head);
    }

    public Furniture withFolioAtHead(boolean at) {
        return new Furniture(folio, at, head);
    }

    public Furniture withHead(Optional<RunningHead> h) {
        return new Furniture(folio, folioAtHead, h);
    }
}
