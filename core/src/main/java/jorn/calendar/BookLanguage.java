package jorn.calendar;

import com.ibm.icu.util.ULocale;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import jorn.measure.Trouble;
import jorn.say.Wording;

/** A language in which a book's pages can be printed: its words, names of days and months, and way of writing dates are known. */
public enum BookLanguage {
    ENGLISH("en"),
    BRITISH("en-GB"),
    GERMAN("de"),
    FRENCH("fr"),
    SPANISH("es"),
    ITALIAN("it"),
    PORTUGUESE("pt"),
    DUTCH("nl"),
    DANISH("da"),
    SWEDISH("sv"),
    FINNISH("fi"),
    POLISH("pl"),
    CZECH("cs"),
    GREEK("el"),
    JAPANESE("ja"),
    ARABIC("ar"),
    HEBREW("he");

    private static final Set<String> ISO = new HashSet<>(Arrays.asList(Locale.getISOLanguages()));

    private final String tag;

    BookLanguage(String tag) {
        this.tag = tag;
    }

    /** Its IETF tag. */
    public String tag() {
        return tag;
    }

    /** What it is called in the language of the window, and by those who speak it: "French – français". */
    public String called() {
        ULocale own = ULocale.forLanguageTag(tag);
        String there = own.getDisplayNameWithDialect(
                ULocale.forLocale(Wording.language().locale()));
        String here = own.getDisplayNameWithDialect(own);
        return there.equals(here) ? there : there + " – " + here;
    }

    /** All of them, those of Latin letters first. */
    public static List<BookLanguage> all() {
        return List.of(values());
    }

    private static String bare(String tag) {
        return Locale.forLanguageTag(tag).getLanguage();
    }

    /** Whether a book's tag means this language; a country makes a difference only where it has a line of its own. */
    public boolean isOf(String other) {
        boolean own = Arrays.stream(values()).anyMatch(l -> l.tag.equalsIgnoreCase(other));
        return own ? tag.equalsIgnoreCase(other) : tag.equals(bare(other));
    }

    /** @throws Trouble where a tag is of no language that there is */
    static void require(String tag) {
        String language = bare(tag);
        if (language.isEmpty() || !ISO.contains(language)) {
            throw Trouble.of("calendar.calendar-choice.not-language", tag);
        }
    }

    /** Whether there are words for pages in the language of a tag. */
    public static boolean isOffered(String tag) {
        return Arrays.stream(values()).anyMatch(l -> bare(l.tag).equals(bare(tag)));
    }

    /** Whether a language is written from right to left. */
    static boolean isRightToLeft(String tag) {
        return ULocale.forLanguageTag(tag).isRightToLeft();
    }
}
