package jorn.calendar;

import com.ibm.icu.util.ULocale;
import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayType;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import jorn.say.BookWords;

/**
 * What holidays are called: in the book's language where it is known in it, otherwise in the country's own, and in English where it is known
 * in neither.
 */
final class HolidayNames {
    /** Languages in which the library has names. */
    private static final Set<String> LIBRARY = Set.of("en", "de", "fr", "pt", "el", "nl", "sv");

    private final String language;
    private final String own;
    private final String country;

    HolidayNames(String country, Locale book) {
        this.language = book.getLanguage();
        this.country = country.toLowerCase(Locale.ROOT);
        this.own = ULocale.addLikelySubtags(ULocale.forLanguageTag("und-" + country))
                .getLanguage();
    }

    /** A holiday's name, marked where the day only stands in for it. */
    String of(NamedDay each) {
        String name = name(each.key());
        return each.substitute() ? BookWords.in(language, "substitute-day").replace("{0}", name) : name;
    }

    private String name(String key) {
        String bare =
                key.substring(key.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT).replace('_', '-');
        // A country may spell its day in a way of its own.
        return BookWords.holiday(language, country + "-" + bare)
                .or(() -> BookWords.holiday(language, bare))
                .or(() -> library(language, key))
                .or(() -> BookWords.holiday(own, bare))
                .or(() -> library(own, key))
                .or(() -> BookWords.holiday("en", bare))
                .orElseGet(() -> described(key, Locale.ENGLISH));
    }

    private static Optional<String> library(String language, String key) {
        return LIBRARY.contains(language) && !key.equals(key.toLowerCase(Locale.ROOT))
                ? Optional.of(described(key, Locale.forLanguageTag(language)))
                : Optional.empty();
    }

    /** As the library describes it. */
    private static String described(String key, Locale locale) {
        return new Holiday(LocalDate.EPOCH, key, HolidayType.PUBLIC_HOLIDAY).getDescription(locale);
    }
}
