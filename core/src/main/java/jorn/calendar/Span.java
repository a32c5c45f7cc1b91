package jorn.calendar;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.say.Wording;

/** A stretch of the calendar that a page may stand for. */
public enum Span {
    DAY("day"),
    WEEK("week"),
    /** Four weeks, as the strips of a term have them. */
    FOUR_WEEKS("four-weeks"),
    MONTH("month"),
    QUARTER("quarter"),
    YEAR("year");

    private final String id;

    Span(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** As people call it: "week". */
    public String word() {
        return Wording.of("calendar.span." + id);
    }

    /** What comes round by it: "Each week". */
    public String title() {
        return Wording.of("calendar.span.title-" + id);
    }

    /** As people count by it: "each week". */
    public String each() {
        return Wording.of("calendar.span.each-" + id);
    }
}
