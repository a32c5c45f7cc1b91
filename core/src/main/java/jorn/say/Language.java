package jorn.say;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A language that Jorn speaks. English is the first; what another lacks is said in English. */
public enum Language {
    ENGLISH("en", "English"),
    GERMAN("de", "Deutsch");

    private final String code;
    private final String ownName;

    Language(String code, String ownName) {
        this.code = code;
        this.ownName = ownName;
    }

    /** Its code by ISO 639-1: {@code de}. */
    public String code() {
        return code;
    }

    /** What it is called by those who speak it. */
    public String ownName() {
        return ownName;
    }

    public Locale locale() {
        return Locale.forLanguageTag(code);
    }

    /** The sign before the decimals of a number. */
    public char decimalSign() {
        return this == GERMAN ? ',' : '.';
    }

    /** The sign between thousands. */
    public char groupingSign() {
        return this == GERMAN ? '.' : ',';
    }

    /** The language of a code: {@code de}, {@code de-AT}, {@code de_AT.UTF-8}; nothing where Jorn does not speak it. */
    public static Optional<Language> of(String code) {
        String bare = code.toLowerCase(Locale.ROOT).replaceAll("[-_.@].*", "");
        return Arrays.stream(values()).filter(l -> l.code.equals(bare)).findFirst();
    }

    /** The language of this machine, or English where Jorn does not speak it. */
    public static Language ofSystem() {
        return of(Locale.getDefault().getLanguage()).orElse(ENGLISH);
    }
}
