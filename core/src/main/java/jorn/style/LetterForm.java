package jorn.style;

import java.util.Locale;

/** How the letters of a label or a heading are written. */
public enum LetterForm {
    /** As they are. */
    AS_WRITTEN,
    /** All small. */
    SMALL,
    /** All capitals. */
    CAPITALS,
    /** Capitals with room between them. */
    SPACED;

    /** Room between spaced capitals, in type sizes. */
    private static final double ROOM = 0.14;

    /** Room that is put between letters, in type sizes. */
    public double tracking() {
        return this == SPACED ? ROOM : 0;
    }

    /** The words as they are set, in a language. */
    public String write(String words, Locale locale) {
        return switch (this) {
            case AS_WRITTEN -> words;
            case SMALL -> words.toLowerCase(locale);
            case CAPITALS, SPACED -> words.toUpperCase(locale);
        };
    }
}
