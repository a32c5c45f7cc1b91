package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.json.Required;
import jorn.measure.Length;

/**
 * Ink beyond the trim, as a press wants it on inside pages.
 *
 * @param width how far beyond the trim
 * @param sides on all sides, or on all but the spine's
 */
public record Bleed(@Required Length width, @Required Sides sides) {
    /** Which sides of an inside page carry bleed. */
    public enum Sides {
        /** Head, foot and fore-edge. */
        THREE("three"),
        /** Those and the spine's side. */
        FOUR("four");

        private final String id;

        Sides(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }
}
