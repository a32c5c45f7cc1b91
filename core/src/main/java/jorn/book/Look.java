package jorn.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import jorn.art.Palette;
import jorn.json.Required;
import jorn.style.PageStyle;
import jorn.style.TypeChoice;

/**
 * How all pages of a book look.
 *
 * @param type the typefaces
 * @param palette the colours by what they are for; black only where absent
 * @param style how pages are dressed; as books were before they had styles where absent
 */
@RecordBuilder
public record Look(@Required TypeChoice type, Palette palette, Optional<PageStyle> style) implements LookBuilder.With {
    public Look {
        palette = palette == null ? Palette.BLACK : palette;
        style = style == null ? Optional.empty() : style;
    }

    /** In a style, with its typefaces and colours; in black alone where the inside is printed so. */
    public static Look of(PageStyle style, boolean coloured) {
        Palette own = style.dress().palette();
        return new Look(style.dress().type(), coloured ? own : Palette.BLACK, Optional.of(style));
    }
}
