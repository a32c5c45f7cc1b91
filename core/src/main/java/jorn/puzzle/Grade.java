package jorn.puzzle;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** How hard a puzzle is: by the hardest step of reasoning that a person needs, never by how much is given. */
public enum Grade {
    GENTLE,
    STEADY,
    TRICKY,
    HARD,
    FIERCE;

    /** From 1, the easiest, to 5. */
    @JsonValue
    public int number() {
        return ordinal() + 1;
    }

    /** @throws Trouble where there is no such grade */
    @JsonCreator
    public static Grade of(int number) {
        if (number < 1 || number > values().length) {
            throw Trouble.of("puzzle.grade.no-such", number);
        }
        return values()[number - 1];
    }

    /** "gentle". */
    public String word() {
        return Wording.of("puzzle.grade." + number());
    }

    /** Its word as pages of a book have it, in the book's language. */
    public String onPage() {
        return "@grade-" + number();
    }

    public boolean isHarderThan(Grade other) {
        return compareTo(other) > 0;
    }

    /** The harder of two. */
    public Grade orHarder(Grade other) {
        return isHarderThan(other) ? this : other;
    }
}
