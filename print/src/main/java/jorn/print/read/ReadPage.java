package jorn.print.read;

import java.util.Set;
import jorn.art.PageArt;
import jorn.print.read.ContentScan.Use;

/**
 * A page of a PDF as it was read.
 *
 * @param art what is drawn on it, from its trim's top left corner
 * @param trimTold whether the file says by a box of its own where the page is cut
 * @param uses what its content uses that somebody may refuse
 * @param fontsApart names of fonts that are not in the file
 * @param pictureInk most ink in one place of its pictures, the sum of the four inks in per cent; 0 where they are not in four inks
 */
public record ReadPage(PageArt art, boolean trimTold, Set<Use> uses, Set<String> fontsApart, double pictureInk) {
    public ReadPage {
        uses = Set.copyOf(uses);
        fontsApart = Set.copyOf(fontsApart);
    }

    /** Whether nothing is drawn on it. */
    public boolean isBlank() {
        return art.marks().stream().allMatch(m -> m instanceof jorn.art.Mark.Link);
    }
}
