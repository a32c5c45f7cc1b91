package jorn.press;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Optional;
import jorn.json.Required;
import jorn.measure.Length;
import jorn.measure.Size;
import jorn.measure.Trouble;

/**
 * How a press wants the cover.
 *
 * @param delivery as exactly the sheet that is cut, or on a larger sheet
 * @param bleed beyond the trim, all round
 * @param safe what must stay clear inside the trim
 * @param sheet the larger sheet, where delivery is fixed
 * @param barcode who supplies the barcode, and the room it takes
 * @param card what it is printed on; it is neither weighed nor measured where absent
 */
public record CoverRule(
        @Required Delivery delivery,
        @Required Length bleed,
        @Required Length safe,
        Optional<Size> sheet,
        Optional<Barcode> barcode,
        Optional<Card> card) {
    public CoverRule {
        card = card == null ? Optional.empty() : card;
    }

    /** How the cover file is cut. */
    public enum Delivery {
        TIGHT("tight"),
        FIXED("fixed"),
        NONE("none");

        private final String id;

        Delivery(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** Who puts the barcode on the back cover. */
    public enum By {
        PRESS("press"),
        PUBLISHER("publisher");

        private final String id;

        By(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /**
     * @param by who prints it
     * @param area the room that it takes, low on the back cover near the spine
     * @param fromSpine how far its edge is from the spine's
     * @param fromFoot how far its edge is from the trimmed foot
     */
    public record Barcode(
            @Required By by, @Required Size area, @Required Length fromSpine, @Required Length fromFoot) {}

    /**
     * What a cover, a case's wrap or a jacket is printed on.
     *
     * @param grammage in g/m², above 0
     * @param thickness of the card; it adds nothing to the book's where absent
     */
    public record Card(@Required double grammage, Optional<Length> thickness) {
        public Card {
            thickness = thickness == null ? Optional.empty() : thickness;
            if (!(grammage > 0)) {
                throw Trouble.of("press.cover-rule.card-weighs-nothing");
            }
        }
    }
}
