package jorn.calendar;

import com.fasterxml.jackson.annotation.JsonValue;

/** A stretch of the calendar that a page may stand for. */
public enum Span {
    DAY("day"),
    WEEK("week"),
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
}
