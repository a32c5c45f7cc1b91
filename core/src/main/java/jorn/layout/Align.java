package jorn.layout;

import com.fasterxml.jackson.annotation.JsonValue;

/** Where something stands in its width. */
public enum Align {
    LEFT("left", 0),
    CENTRE("centre", 0.5),
    RIGHT("right", 1);

    private final String id;
    private final double share;

    Align(String id, double share) {
        this.id = id;
        this.share = share;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** Where something begins, from the left: the part of what is spare that lies before it. */
    public double before(double spare) {
        return spare * share;
    }
}
