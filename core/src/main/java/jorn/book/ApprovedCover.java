package jorn.book;

import jorn.json.Required;
import jorn.measure.Length;

/**
 * The measures for which a cover was called right; others make it stale.
 *
 * @param width of the cover file
 * @param height of the cover file
 * @param spine width of the spine
 */
public record ApprovedCover(@Required Length width, @Required Length height, @Required Length spine) {
    /** Whether these are other measures than those, by more than a hundredth of a millimetre. */
    public boolean differsFrom(ApprovedCover other) {
        return !width.isAbout(other.width) || !height.isAbout(other.height) || !spine.isAbout(other.spine);
    }
}
