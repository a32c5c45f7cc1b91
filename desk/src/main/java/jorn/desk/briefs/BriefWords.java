package jorn.desk.briefs;

import java.util.Locale;
import java.util.Map;
import jorn.say.Wording;

/** The fields of a press profile in words. */
final class BriefWords {
    private static final Map<String, String> SPECIAL = Map.ofEntries(
            Map.entry("customTrim", Wording.of("desk.brief-words.any-trim-between")),
            Map.entry("upTo", Wording.of("desk.brief-words.up-pages")),
            Map.entry("minPages", Wording.of("desk.brief-words.from-pages")),
            Map.entry("outsideWithBleed", Wording.of("desk.brief-words.outside-with-bleed")),
            Map.entry("coverAllowance", Wording.of("desk.brief-words.cover-adds")),
            Map.entry("maxThickness", "thickest"),
            Map.entry("selfCover", Wording.of("desk.brief-words.first-last-page-may")),
            Map.entry("perPage", Wording.of("desk.brief-words.per-page")),
            Map.entry("pagesPerInch", Wording.of("desk.brief-words.pages-per-inch")),
            Map.entry("bulk", Wording.of("desk.brief-words.bulk-cm-g")),
            Map.entry("grammage", Wording.of("desk.brief-words.grammage-g-m")),
            Map.entry("share", Wording.of("desk.brief-words.your-share")),
            Map.entry("fixed", Wording.of("desk.brief-words.fixed-cost")),
            Map.entry("resolution", Wording.of("desk.brief-words.resolution-px")),
            Map.entry("totalInk", Wording.of("desk.brief-words.most-ink")),
            Map.entry("insideCover", Wording.of("desk.brief-words.inside-cover-printed")),
            Map.entry("turnIn", "turn-in"),
            Map.entry("fromSpine", Wording.of("desk.brief-words.from-spine")),
            Map.entry("fromFoot", Wording.of("desk.brief-words.from-foot")),
            Map.entry("pdf", "PDF"));

    private BriefWords() {}

    static String of(String name) {
        return SPECIAL.getOrDefault(
                name, name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT));
    }
}
