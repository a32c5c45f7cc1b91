package jorn.book;

import com.fasterxml.jackson.annotation.JsonValue;

/** Where blanks go that bring a book to a page count that its press binds. */
public enum BlanksAt {
    END("end", "at the very end"),
    BEFORE_BACK_MATTER("before-back", "before the back matter"),
    AFTER_FRONT_MATTER("after-front", "after the front matter");

    private final String id;
    private final String word;

    BlanksAt(String id, String word) {
        this.id = id;
        this.word = word;
    }

    @JsonValue
    public String id() {
        return id;
    }

    /** In a sentence. */
    public String word() {
        return word;
    }
}
