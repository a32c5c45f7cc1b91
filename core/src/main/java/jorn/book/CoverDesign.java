package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.art.Ink;
import jorn.json.Required;

/**
 * How the cover is designed.
 *
 * @param ground colour of the whole sheet
 * @param panel whether the title stands on a panel
 * @param panelInk colour of that panel
 * @param titleInk colour of title and author on the panel
 * @param spineText whether title and author stand on the spine
 * @param blurb words on the back; may be empty
 */
@RecordBuilder
public record CoverDesign(
        @Required Ink ground,
        boolean panel,
        @Required Ink panelInk,
        @Required Ink titleInk,
        boolean spineText,
        String blurb)
        implements CoverDesignBuilder.With {
    /** Honey with a paper panel. */
    public static final CoverDesign CUSTOMARY =
            new CoverDesign(Ink.hex("C9A24A"), true, Ink.hex("FFFEF8"), Ink.hex("1D2733"), true, "");

    public CoverDesign {
        blurb = blurb == null ? "" : blurb;
    }
}
