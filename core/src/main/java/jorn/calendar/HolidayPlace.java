package jorn.calendar;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import jorn.say.Wording;

/**
 * A country whose holidays are known, or a part of one that has its own.
 *
 * @param code of the country by ISO 3166-1, and of a part behind a hyphen: {@code GB}, {@code GB-SCT}, {@code DE-BY}
 * @param called as people call it in the language of the window
 */
public record HolidayPlace(String code, String called) {
    /** All countries. */
    public static List<HolidayPlace> countries() {
        Locale window = Wording.language().locale();
        return Holidays.countries().stream()
                .map(c -> new HolidayPlace(
                        c, new Locale.Builder().setRegion(c).build().getDisplayCountry(window)))
                .toList();
    }

    /** The nations, states or regions of a country that have holidays of their own; none where all of it has the same. */
    public static List<HolidayPlace> parts(String country) {
        if (country.isEmpty()) {
            return List.of();
        }
        Locale window = Wording.language().locale();
        return Holidays.hierarchy(country).getChildren().values().stream()
                .map(h ->
                        new HolidayPlace(country + "-" + h.getId().toUpperCase(Locale.ROOT), h.getDescription(window)))
                .sorted(Comparator.comparing(HolidayPlace::called))
                .toList();
    }

    /** The country of a code. */
    public static String country(String code) {
        int hyphen = code.indexOf('-');
        return hyphen < 0 ? code : code.substring(0, hyphen);
    }
}
