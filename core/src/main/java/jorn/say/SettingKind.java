package jorn.say;

/** How a setting is shown and read. */
public enum SettingKind {
    /** As its type says. */
    BY_TYPE,
    /** A length in the user's unit. */
    LENGTH,
    /** A length in points, as type is measured. */
    TYPE_SIZE,
    /** A weight of a line in points. */
    WEIGHT,
    NUMBER,
    /** A part of 1, shown in per cent. */
    PER_CENT,
    WHOLE,
    /** A whole number that people count from 1, and files from 0. */
    ORDINAL,
    WORDS,
    /** Words separated by commas. */
    WORD_LIST,
    NUMBER_LIST,
    SWITCH,
    CHOICE,
    /** A picture of the book. */
    PICTURE
}
