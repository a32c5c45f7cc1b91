package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.art.Palette;
import jorn.json.Required;

/**
 * The typefaces and colours that a style has of its own; a book may take others.
 *
 * @param type the typefaces
 * @param palette the colours by what they are for
 * @param cover what the cover is made of
 */
@RecordBuilder
public record Dress(@Required TypeChoice type, @Required Palette palette, @Required CoverDress cover)
        implements DressBuilder.With {}
