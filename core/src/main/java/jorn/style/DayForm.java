package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.say.Label;

/**
 * How a day is badged, and how days are told from one another.
 *
 * @param badge the form of its figure
 * @param name how its name is written
 * @param letters of the name
 * @param holder what holds a day
 */
@RecordBuilder
public record DayForm(
        @Label("style.label.badge") @Required Badge badge,
        @Label("style.label.day-name") @Required NameForm name,
        @Label("style.label.day-letters") @Required LetterForm letters,
        @Label("style.label.day-holder") @Required DayHolder holder)
        implements DayFormBuilder.With {
    /** The form of a day's figure. */
    public enum Badge {
        /** Figure and name in one line. */
        PLAIN(false),
        /** A large figure over the name, in a column beside the lines. */
        LARGE(true),
        /** The figure in a circle, the name beside it. */
        CIRCLE(false),
        /** A white figure on a disc, the name below, in a column beside the lines. */
        DISC(true),
        /** A figure over the name, both in a ruled column. */
        COLUMN(true),
        /** The name in a solid tab, the figure beside it. */
        TAB(false);

        private final boolean beside;

        Badge(boolean beside) {
            this.beside = beside;
        }

        /** Whether it stands in a column beside the lines, rather than above them. */
        public boolean beside() {
            return beside;
        }
    }

    /** How much of a day's name is written. */
    public enum NameForm {
        FULL,
        SHORT
    }

    /** What holds a day. */
    public enum DayHolder {
        /** A rule above it. */
        RULE,
        /** A rule with a small ornament in its middle below it. */
        ORNAMENT,
        /** A tinted panel with paper inside, in the palette's colours by turns. */
        PANEL,
        /** White alone. */
        BARE
    }
}
