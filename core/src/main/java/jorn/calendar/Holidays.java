package jorn.calendar;

import de.focus_shift.jollyday.core.CalendarHierarchy;
import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Year;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import jorn.measure.Trouble;

/**
 * Public holidays by country and part of a country, from the jollyday library, set right where a second source and the statutes, as
 * remembered, are against it.
 */
final class Holidays {
    private record Key(String place, int year, Locale locale) {}

    private static final Map<Key, Map<LocalDate, List<String>>> KNOWN = new ConcurrentHashMap<>();

    private Holidays() {}

    /** @throws Trouble where no holidays are known for the country, or where it has no such part */
    static void require(String place) {
        if (place.isEmpty()) {
            return;
        }
        String country = HolidayPlace.country(place);
        boolean known = known().contains(country);
        if (!known || (!place.equals(country) && !hasPart(place))) {
            throw Trouble.of("calendar.holidays.no-holidays-known-for", place);
        }
    }

    private static boolean hasPart(String place) {
        String country = HolidayPlace.country(place);
        String part = place.substring(country.length() + 1).toLowerCase(Locale.ROOT);
        return hierarchy(country).getChildren().containsKey(part);
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

    private static HolidayManager manager(String country) {
        return HolidayManager.getInstance(ManagerParameters.create(country.toLowerCase(Locale.ROOT)));
    }

    /** A country and its parts. */
    static CalendarHierarchy hierarchy(String country) {
        return manager(country).getCalendarHierarchy();
    }

    static List<String> on(LocalDate day, String place, Locale locale) {
        if (place.isEmpty()) {
            return List.of();
        }
        return KNOWN.computeIfAbsent(new Key(place, day.getYear(), locale), Holidays::year)
                .getOrDefault(day, List.of());
    }

    private static Map<LocalDate, List<String>> year(Key key) {
        Map<LocalDate, List<String>> days = new TreeMap<>();
        HolidayNames names = new HolidayNames(HolidayPlace.country(key.place()), key.locale());
        // What is moved over the turn of a year is of the year before or after.
        for (int year = key.year() - 1; year <= key.year() + 1; year++) {
            for (NamedDay each : of(key.place(), year)) {
                if (each.day().getYear() == key.year()) {
                    days.merge(each.day(), List.of(names.of(each)), (a, b) -> Stream.concat(a.stream(), b.stream())
                            .distinct()
                            .toList());
                }
            }
        }
        return days;
    }

    private static List<NamedDay> of(String place, int year) {
        String country = HolidayPlace.country(place);
        if (country.equals("JP") && year >= JapaneseHolidays.FIRST_YEAR) {
            return JapaneseHolidays.of(year);
        }
        String[] part = place.equals(country)
                ? new String[0]
                : new String[] {place.substring(country.length() + 1).toLowerCase(Locale.ROOT)};
        List<NamedDay> all = new ArrayList<>();
        for (Holiday holiday : manager(country).getHolidays(Year.of(year), part)) {
            String name = holiday.getPropertiesKey();
            if (isNone(country, name)) {
                continue;
            }
            Optional<LocalDate> other = holiday.getObservedDate().filter(d -> !d.equals(holiday.getActualDate()));
            if (other.isPresent() && isMoved(country, name)) {
                all.add(new NamedDay(other.get(), name, false));
                continue;
            }
            all.add(new NamedDay(holiday.getActualDate(), name, false));
            other.filter(d -> !country.equals("ES")).ifPresent(d -> all.add(new NamedDay(d, name, true)));
        }
        all.addAll(lacking(country, year));
        return all;
    }

    /** Good Friday is no public holiday of the Netherlands, where only some employers give it (common practice). */
    private static boolean isNone(String country, String name) {
        return country.equals("NL") && name.endsWith("GOOD_FRIDAY");
    }

    /** The Dutch King's Day is kept on the Saturday before where 27 April is a Sunday, and then only there (by decree of 2013). */
    private static boolean isMoved(String country, String name) {
        return country.equals("NL") && name.endsWith("KINGS_DAY");
    }

    /** What the library lacks: Columbus Day is a federal holiday (5 U.S.C. 6103), Whit Sunday a Finnish one (Church Act). */
    private static List<NamedDay> lacking(String country, int year) {
        return switch (country) {
            case "US" -> List.of(new NamedDay(
                    LocalDate.of(year, 10, 1).with(TemporalAdjusters.dayOfWeekInMonth(2, DayOfWeek.MONDAY)),
                    "columbus-day",
                    false));
            case "FI" -> manager(country).getHolidays(Year.of(year)).stream()
                    .filter(h -> h.getPropertiesKey().endsWith("EASTER"))
                    .findFirst()
                    .map(h -> List.of(new NamedDay(h.getActualDate().plusWeeks(7), "pentecost", false)))
                    .orElse(List.of());
            default -> List.of();
        };
    }
}
