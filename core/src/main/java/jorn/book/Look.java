package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.art.Palette;
import jorn.json.Required;

/**
 * How all pages of a book look.
 *
 * @param type the typefaces
 * @param palette the colours by what they are for; black only where absent
 */
@RecordBuilder
public record Look(@Required TypeChoice type, Palette palette) implements LookBuilder.With {
    public Look {
        palette = palette == null ? Palette.BLACK : palette;
    }
}
