package jorn.cover.part;

import java.util.Map;
import jorn.cover.CoverBlock;
import jorn.json.TypeFamily;

/** The kinds of part of covers, by the id under which compositions name them. */
public final class CoverParts implements TypeFamily {
    @Override
    public Class<?> of() {
        return CoverBlock.class;
    }

    @Override
    public Map<String, Class<?>> types() {
        return Map.ofEntries(
                Map.entry("flood", Flood.class),
                Map.entry("drawn", RuleDrawn.class),
                Map.entry("coloured-page", ColouredPage.class),
                Map.entry("plate", Plate.class),
                Map.entry("edging", Edging.class),
                Map.entry("emblem", Emblem.class),
                Map.entry("divider", Divider.class),
                Map.entry("photo", Photo.class),
                Map.entry("lettering", CoverWords.class),
                Map.entry("back-words", BackWords.class),
                Map.entry("insides", Insides.class),
                Map.entry("sample", TrueSample.class),
                Map.entry("spine-words", SpineWords.class),
                Map.entry("portrait", Portrait.class),
                Map.entry("qr", CodePlace.class));
    }
}
