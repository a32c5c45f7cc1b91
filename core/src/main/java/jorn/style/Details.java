package jorn.style;

import io.soabase.recordbuilder.core.RecordBuilder;
import jorn.json.Required;
import jorn.say.Label;

/**
 * The small things of a style.
 *
 * @param tick what is ticked
 * @param tint what is tinted
 * @param folio how a page number is set
 * @param tab how a month is marked at the page's edge
 * @param labels letters of small labels
 * @param labelItalic whether small labels are italic
 * @param ornaments which drawings it has
 */
@RecordBuilder
public record Details(
        @Label("style.label.tick") @Required Tick tick,
        @Label("style.label.tint") @Required Tint tint,
        @Label("style.label.folio") @Required FolioForm folio,
        @Label("style.label.tab") @Required TabForm tab,
        @Label("style.label.labels") @Required LetterForm labels,
        @Label("style.label.label-italic") boolean labelItalic,
        @Required Ornaments ornaments)
        implements DetailsBuilder.With {
    /** What is ticked. */
    public enum Tick {
        SQUARE,
        ROUNDED,
        CIRCLE,
        STAR,
        HEART
    }

    /** What is tinted. */
    public enum Tint {
        WEEKEND,
        ALTERNATE,
        NONE;

        /**
         * Whether it falls on one of several rows or columns.
         *
         * @param weekend whether it is a Saturday or Sunday
         * @param index which one, from 0
         */
        public boolean fallsOn(boolean weekend, int index) {
            return switch (this) {
                case WEEKEND -> weekend;
                case ALTERNATE -> index % 2 == 1;
                case NONE -> false;
            };
        }
    }

    /** How a page number is set. */
    public enum FolioForm {
        /** The figure at the fore-edge. */
        PLAIN,
        /** The figure in the middle between two points. */
        POINTS,
        /** The figure in the middle between two short rules. */
        RULES,
        /** A bold figure at the fore-edge. */
        BOLD,
        /** The figure in a circle at the fore-edge. */
        CIRCLE
    }

    /** How a month is marked at the page's edge. */
    public enum TabForm {
        /** Its name. */
        WORD,
        /** White on a solid block. */
        BLOCK,
        /** White on a rounded block. */
        ROUND,
        /** In a frame. */
        FRAME
    }
}
