package jorn.cover;

import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;

/** On which surface of the cover a part stands. */
public enum PartPlace {
    /** Back, spine and front together. */
    WRAP,
    FRONT,
    BACK,
    SPINE;

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
