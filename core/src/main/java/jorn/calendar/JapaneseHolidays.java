package jorn.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * Japan's national holidays by the Act on National Holidays (Act 178 of 1948, with its changes up to 2020): the days of article 2, a
 * substitute where one falls on a Sunday, and the day between two of them (article 3). The equinoxes are reckoned by the customary
 * formula for 1980 to 2099; each is fixed by the government in the February before.
 */
final class JapaneseHolidays {
    /** From this year the days are as they are now: those of 2020 and 2021 were moved for the games. */
    static final int FIRST_YEAR = 2022;

    private JapaneseHolidays() {}

    /** The holidays of a year. */
    static List<NamedDay> of(int year) {
        SortedMap<LocalDate, String> own = statutory(year);
        List<NamedDay> all = new ArrayList<>();
        own.forEach((day, key) -> all.add(new NamedDay(day, key, false)));
        for (LocalDate day : own.keySet()) {
            if (day.getDayOfWeek() == DayOfWeek.SUNDAY) {
                LocalDate next = day.plusDays(1);
                while (own.containsKey(next)) {
                    next = next.plusDays(1);
                }
                all.add(new NamedDay(next, own.get(day), true));
            }
            LocalDate between = day.plusDays(1);
            boolean enclosed = !own.containsKey(between)
                    && own.containsKey(day.plusDays(2))
                    && between.getDayOfWeek() != DayOfWeek.SUNDAY
                    && day.getDayOfWeek() != DayOfWeek.SUNDAY;
            if (enclosed) {
                all.add(new NamedDay(between, "citizens-holiday", false));
            }
        }
        return all;
    }

    private static SortedMap<LocalDate, String> statutory(int year) {
        SortedMap<LocalDate, String> all = new TreeMap<>();
        all.put(LocalDate.of(year, 1, 1), "japan-new-year");
        all.put(monday(year, 1, 2), "coming-of-age");
        all.put(LocalDate.of(year, 2, 11), "foundation");
        all.put(LocalDate.of(year, 2, 23), "emperors-birthday");
        all.put(LocalDate.of(year, 3, equinox(year, 20.8431)), "vernal-equinox");
        all.put(LocalDate.of(year, 4, 29), "showa-day");
        all.put(LocalDate.of(year, 5, 3), "japan-constitution-day");
        all.put(LocalDate.of(year, 5, 4), "greenery-day");
        all.put(LocalDate.of(year, 5, 5), "childrens-day");
        all.put(monday(year, 7, 3), "marine-day");
        all.put(LocalDate.of(year, 8, 11), "mountain-day");
        all.put(monday(year, 9, 3), "respect-aged-day");
        all.put(LocalDate.of(year, 9, equinox(year, 23.2488)), "autumnal-equinox");
        all.put(monday(year, 10, 2), "sports-day");
        all.put(LocalDate.of(year, 11, 3), "culture-day");
        all.put(LocalDate.of(year, 11, 23), "japan-labour-day");
        return all;
    }

    private static LocalDate monday(int year, int month, int which) {
        return LocalDate.of(year, month, 1).with(TemporalAdjusters.dayOfWeekInMonth(which, DayOfWeek.MONDAY));
    }

    /** The day of an equinox in its month, 1980 to 2099 (from memory: the mean tropical year, and a leap day every fourth). */
    private static int equinox(int year, double base) {
        int since = year - 1980;
        return (int) Math.floor(base + 0.242194 * since - Math.floorDiv(since, 4));
    }
}
