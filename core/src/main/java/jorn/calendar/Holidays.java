package jorn.calendar;

import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.LocalDate;
import java.time.Year;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import jorn.measure.Trouble;

/** Public holidays by country, from the jollyday library. */
final class Holidays {
    private record Key(String country, int year, Locale locale) {}

    private static final Map<Key, Map<LocalDate, List<String>>> KNOWN = new ConcurrentHashMap<>();

    private Holidays() {}

    /** @throws Trouble where no holidays are known for the country */
    static void requireCountry(String country) {
        if (country.isEmpty()) {
            return;
        }
        if (!known().contains(country)) {
            throw Trouble.of("calendar.holidays.no-holidays-known-for", country);
        }
    }

    private static SortedSet<String> known() {
        SortedSet<String> known = new TreeSet<>();
        HolidayManager.getSupportedCalendarCodes().forEach(c -> known.add(c.toUpperCase(Locale.ROOT)));
        return known;
    }

    /** Countries with holidays; stock exchanges and the like, which have longer codes, are left out. */
    static SortedSet<String> countries() {
        SortedSet<String> all = known();
        all.removeIf(c -> !c.matches("[A-Z]{2}"));
        return all;
    }

    static List<String> on(LocalDate day, String country, Locale locale) {
        if (country.isEmpty()) {
            return List.of();
        }
        return KNOWN.computeIfAbsent(new Key(country, day.getYear(), locale), Holidays::year)
                .getOrDefault(day, List.of());
    }

    private static Map<LocalDate, List<String>> year(Key key) {
        HolidayManager manager = HolidayManager.getInstance(
                ManagerParameters.create(key.country().toLowerCase(Locale.ROOT)));
        Map<LocalDate, List<String>> days = new TreeMap<>();
        for (Holiday holiday : manager.getHolidays(Year.of(key.year()))) {
            days.merge(
                    holiday.getDate(),
                    List.of(holiday.getDescription(key.locale())),
                    (a, b) -> java.util.stream.Stream.concat(a.stream(), b.stream())
                            .distinct()
                            .toList());
        }
        return days;
    }
}
