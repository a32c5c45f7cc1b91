package jorn.text;

import com.fasterxml.jackson.annotation.JsonValue;

/** Which of a book's typefaces speaks. */
public enum Voice {
    HEADING("heading"),
    BODY("body"),
    FIGURES("figures");

    private final String id;

    Voice(String id) {
        this.id = id;
    }

    @JsonValue
    public String id() {
        return id;
    }
}
