package jorn.art;

import com.fasterxml.jackson.annotation.JsonValue;
import jorn.say.Wording;

/** The direction in which a book is read. From right to left everything mirrors: page 1 is a left-hand page, the front cover is on the left. */
public enum Reading {
    LEFT_TO_RIGHT("ltr", Wording.of("art.reading.from-left-right")),
    RIGHT_TO_LEFT("rtl", Wording.of("art.reading.from-right-left"));

    private final String id;
    private final String word;

    Reading(String id, String word) {
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

    /** Whether pages of this side lie at the right of the open book. */
    public boolean isRightHand(Side side) {
        return side == Side.RECTO == (this == LEFT_TO_RIGHT);
    }

    /** "right-hand" or "left-hand". */
    public String hand(Side side) {
        return isRightHand(side) ? Wording.of("art.reading.right-hand") : Wording.of("art.reading.left-hand");
    }
}
