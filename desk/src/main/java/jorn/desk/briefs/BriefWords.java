package jorn.desk.briefs;

import java.util.Locale;
import java.util.Map;

/** The fields of a press profile in words. */
final class BriefWords {
    private static final Map<String, String> SPECIAL = Map.ofEntries(
            Map.entry("customTrim", "any trim between"),
            Map.entry("upTo", "up to pages"),
            Map.entry("minPages", "from pages"),
            Map.entry("outsideWithBleed", "outside with bleed"),
            Map.entry("coverAllowance", "cover adds"),
            Map.entry("maxThickness", "thickest"),
            Map.entry("selfCover", "first and last page may be the cover"),
            Map.entry("perPage", "per page"),
            Map.entry("pagesPerInch", "pages per inch"),
            Map.entry("bulk", "bulk, cm³/g"),
            Map.entry("grammage", "grammage, g/m²"),
            Map.entry("share", "your share, 0 to 1"),
            Map.entry("fixed", "fixed cost"),
            Map.entry("resolution", "resolution, px/in"),
            Map.entry("totalInk", "most ink, %"),
            Map.entry("insideCover", "inside of the cover printed"),
            Map.entry("turnIn", "turn-in"),
            Map.entry("fromSpine", "from the spine"),
            Map.entry("fromFoot", "from the foot"),
            Map.entry("pdf", "PDF"));

    private BriefWords() {}

    static String of(String name) {
        return SPECIAL.getOrDefault(
                name, name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT));
    }
}
