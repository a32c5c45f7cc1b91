package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.measure.Trouble;
import jorn.say.Label;
import jorn.text.Typeface;

/**
 * How the heading of a page is set.
 *
 * @param place where it stands in its width
 * @param letters how its letters are written
 * @param weight of its face
 * @param size times the size of text, 1.2 to 5
 * @param form what holds it
 * @param aside how what stands beside it, such as the week's number, is set
 */
@RecordBuilder
public record HeadForm(
        @Label("style.label.head-place") @Required HeadPlace place,
        @Label("style.label.head-letters") @Required LetterForm letters,
        @Required Typeface.Style weight,
        @Label("style.label.head-size") @Required double size,
        @Label("style.label.head-holder") @Required Holder form,
        @Required Typeface.Style aside)
        implements HeadFormBuilder.With {
    /** Where the words stand; mirrored on versos where a side of the page is meant. */
    public enum HeadPlace {
        LEFT,
        MIDDLE,
        FORE_EDGE,
        GUTTER
    }

    /** What holds the words. */
    public enum Holder {
        /** Nothing: white alone. */
        BARE,
        /** A rule below. */
        RULE_BELOW,
        /** A double rule above and a rule below, the words between them. */
        BETWEEN_RULES,
        /** A row of the style's small ornaments below, between two rules. */
        ORNAMENT_BELOW,
        /** A solid block behind the words, which are white. */
        BLOCK,
        /** A solid band over the whole width, with ornaments in it. */
        BAND,
        /** An ornament at the far side. */
        ORNAMENT_ASIDE
    }

    public HeadForm {
        if (!(size >= 1.2) || size > 5) {
            throw Trouble.of("style.head-form.bad-size", size);
        }
    }
}
