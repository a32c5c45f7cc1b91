package jorn.calendar;

import com.fasterxml.jackson.annotation.JsonValue;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.WeekFields;
import jorn.json.Required;

/**
 * On which day a week begins and how weeks are numbered.
 *
 * <p>ISO 8601: weeks begin on Monday, and week 1 is the one with the year's first Thursday. The Sunday school: weeks begin on
 * Sunday, and week 1 is the one with 1 January.
 */
public record WeekRule(@Required DayOfWeek first, @Required FirstWeek numbering) {
    /** Which week is number 1. */
    public enum FirstWeek {
        /** The first with at least four days in the year. */
        ISO("iso"),
        /** The one with 1 January. */
        FIRST_DAY("first-day");

        private final String id;

        FirstWeek(String id) {
            this.id = id;
        }

        @JsonValue
        public String id() {
            return id;
        }
    }

    /** ISO 8601. */
    public static final WeekRule ISO = new WeekRule(DayOfWeek.MONDAY, FirstWeek.ISO);
    /** Weeks from Sunday, week 1 with 1 January. */
    public static final WeekRule SUNDAY = new WeekRule(DayOfWeek.SUNDAY, FirstWeek.FIRST_DAY);

    private WeekFields fields() {
        return WeekFields.of(first, numbering == FirstWeek.ISO ? 4 : 1);
    }

    /** The number of the week that a day lies in, 1 to 53. */
    public int number(LocalDate day) {
        return day.get(fields().weekOfWeekBasedYear());
    }

    /** The year to which that week belongs. */
    public int year(LocalDate day) {
        return day.get(fields().weekBasedYear());
    }

    /** The first day of the week that a day lies in. */
    public LocalDate startOf(LocalDate day) {
        return day.minusDays((day.getDayOfWeek().getValue() - first.getValue() + 7) % 7);
    }

    /** The day that stands in a column of a week, 0 to 6. */
    public DayOfWeek column(int index) {
        return first.plus(index);
    }
}
