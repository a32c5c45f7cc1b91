package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.art.Palette;
import jorn.json.Required;
import jorn.measure.Length;

/**
 * The typefaces and colours that a style has of its own; a book may take others.
 *
 * @param type the typefaces
 * @param palette the colours by what they are for
 * @param cover what the cover is made of
 * @param pitch from line to line, where it wants another than books of a trim customarily have
 */
@RecordBuilder
public record Dress(
        @Required TypeChoice type, @Required Palette palette, @Required CoverDress cover, Optional<Length> pitch)
        implements DressBuilder.With {
    public Dress {
        pitch = pitch == null ? Optional.empty() : pitch;
    }
}
