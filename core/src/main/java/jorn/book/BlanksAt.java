package jorn.book;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.say.Wording;

/** Where blanks go that bring a book to a page count that its press binds. */
public enum BlanksAt {
    END("end", Wording.of("book.blanks-at.at-very-end")),
    BEFORE_BACK_MATTER("before-back", Wording.of("book.blanks-at.before-back-matter")),
    AFTER_FRONT_MATTER("after-front", Wording.of("book.blanks-at.after-front-matter"));

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
