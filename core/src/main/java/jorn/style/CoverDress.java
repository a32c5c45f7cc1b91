package jorn.style;

import jorn.art.Ink;
import jorn.json.Required;

/**
 * What a cover in this style wears.
 *
 * @param ground colour of the whole sheet
 * @param panel whether the title stands on a panel
 * @param panelInk colour of that panel
 * @param ink colour of the words on it
 * @param composition id of the composition in which its covers begin
 */
public record CoverDress(
        @Required Ink ground, boolean panel, @Required Ink panelInk, @Required Ink ink, String composition) {
    public CoverDress {
        composition = composition == null || composition.isBlank() ? "label" : composition;
    }
}
