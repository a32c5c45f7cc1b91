package jorn.cover;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** What a colour is for on a cover. */
public enum CoverRole {
    /** The sheet itself. */
    GROUND,
    /** The ground, darker. */
    DEEP,
    /** The ground, a little lighter or, where it is light, a little darker: for quiet patterns. */
    SOFT,
    /** Fine lines of a pattern on the ground. */
    LINE,
    /** An area that stands out from the ground: the ink, or the paper where the ink is as the ground is. */
    CONTRAST,
    /** Words on such an area. */
    ON_CONTRAST,
    /** The warmest of the accents. */
    SUN,
    /** Panels and labels. */
    PAPER,
    /** Words on panels. */
    INK,
    /** Words on the ground: what reads best there. */
    ON_GROUND,
    /** The accent, where it stands out from the ground; else what reads best there. */
    ACCENT_ON_GROUND,
    /** The accent, where it stands out from the paper; else the ink. */
    ACCENT_ON_PAPER,
    ACCENT,
    /** Words on the accent. */
    ON_ACCENT,
    SECOND,
    THIRD,
    FOURTH;

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
