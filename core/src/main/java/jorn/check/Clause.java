package jorn.check;

import jorn.say.Message;

/** Says on whose word something is asked for: a clause of the press's profile, or the practice of the trade. */
enum Clause {
    TRIMS("trims"),
    BINDINGS("bindings"),
    INKS("inks"),
    BLEED("bleed"),
    MARGINS("margins"),
    COVER("cover"),
    MARKETS("markets"),
    PDF("pdf"),
    LIMITS("limits");

    private final String field;

    Clause(String field) {
        this.field = field;
    }

    /** The clause in the profile of a book's press, by the name that it has in the file. */
    Message of(Proof proof) {
        return Message.of("check.clause.profile", proof.press(), field);
    }

    /** What no press says and everybody knows. */
    static Message practice() {
        return Message.of("check.clause.practice");
    }
}
