package jorn.check;

import java.util.List;
import java.util.function.Function;
import jorn.art.Box;
import jorn.art.Marks;
import jorn.check.Finding.Place;
import jorn.edition.Edition.Sighting;

/**
 * What stands on a page or on the outside of the cover.
 *
 * @param standing the single marks, in the order in which they are drawn
 * @param place where something in this box is
 */
record Seen(List<Marks.Standing> standing, Function<Box, Place> place) {
    boolean onCover() {
        return place.apply(new Box(0, 0, 0, 0)).onCover();
    }

    static Seen of(Sighting page) {
        return new Seen(page.standing(), box -> Place.page(page.slot().number(), box));
    }

    /** The cover, where the press prints one; nothing where it does not. */
    static Seen cover(Proof proof) {
        return new Seen(proof.coverMarks(), box -> Place.cover(java.util.Optional.of(box)));
    }
}
