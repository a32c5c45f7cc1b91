package jorn.press;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Trouble;

/**
 * What printing one copy costs: fixed + per page × pages, for one ink, one class of trims and one band of page counts.
 *
 * @param ink id of an ink of the press
 * @param fixed what a copy costs before its first page, from 0; all that it costs where the page costs nothing
 * @param perPage what each page adds, from 0
 * @param trim id of a class of trims of the press; for the trims of no class where absent
 * @param pages the page counts for which it holds; for all where absent
 */
public record CostRule(
        @Required String ink,
        @Required double fixed,
        @Required double perPage,
        Optional<String> trim,
        Optional<PageBand> pages) {
    public CostRule {
        trim = trim == null ? Optional.empty() : trim;
        pages = pages == null ? Optional.empty() : pages;
        if (!(fixed >= 0) || !(perPage >= 0)) {
            throw Trouble.of("press.cost-rule.less-than-nothing", fixed >= 0 ? "perPage" : "fixed");
        }
    }

    /** The page counts for which it holds. */
    public PageBand band() {
        return pages.orElse(PageBand.ALL);
    }

    /** Whether it is for the same ink and the same trims. */
    boolean isBeside(CostRule other) {
        return ink.equals(other.ink) && trim.equals(other.trim);
    }

    /** Whether it is one sum whatever the pages are. */
    @JsonIgnore
    public boolean isFlat() {
        return perPage == 0;
    }

    /** What so many pages cost. */
    public double of(int count) {
        return fixed + perPage * count;
    }
}
