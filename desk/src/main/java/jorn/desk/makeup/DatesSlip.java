package jorn.desk.makeup;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion.Straddle;
import jorn.calendar.WeekRule;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.measure.Days;

/** The book's dates: period, weeks, language, holidays. */
public final class DatesSlip extends Slip {
    private final Desk desk;

    public DatesSlip(Desk desk) {
        super("Dates");
        this.desk = desk;
        CalendarChoice now = desk.book().calendar();
        field(
                "First day",
                "date-from",
                text(now.from()),
                "The first day: 2026-07-01. Empty for an undated book.",
                t -> period(t, now.to(), true));
        field(
                "Last day",
                "date-to",
                text(now.to()),
                "The last day: 2027-06-30. Empty for an undated book.",
                t -> period(t, now.from(), false));
        field(
                "Language",
                "date-language",
                now.language(),
                "Names of days and months: en, de, fr, da …",
                t -> change(c -> c.withLanguage(t)));
        field(
                "Holidays of",
                "date-holidays",
                now.holidays(),
                "A country's two letters: DK, DE, GB, US. Empty for none.",
                t -> change(c -> c.withHolidays(t)));
        add(Labels.label("WEEKS", "group-name"));
        add(choice(
                "From Monday, numbered as ISO 8601",
                "",
                now.weeks().equals(WeekRule.ISO),
                () -> change(c -> c.withWeeks(WeekRule.ISO))));
        add(choice(
                "From Sunday, week 1 with 1 January",
                "",
                now.weeks().equals(WeekRule.SUNDAY),
                () -> change(c -> c.withWeeks(WeekRule.SUNDAY))));
        add(Labels.label("A WEEK IN TWO MONTHS BELONGS TO", "group-name"));
        for (Straddle straddle : Straddle.values()) {
            add(choice(straddle.word(), "", now.straddle() == straddle, () -> change(c -> c.withStraddle(straddle))));
        }
        add(Labels.label("THE MOON", "group-name"));
        add(choice("Phases are marked", "", now.moon(), () -> change(c -> c.withMoon(true))));
        add(choice("Not marked", "", !now.moon(), () -> change(c -> c.withMoon(false))));
        int own = now.personal().size();
        say(
                own == 0
                        ? "Drop an .ics calendar or a .csv list on the window for dates of your own."
                        : own + " dates of your own are marked.");
    }

    private static String text(Optional<LocalDate> day) {
        return day.map(LocalDate::toString).orElse("");
    }

    private void change(UnaryOperator<CalendarChoice> change) {
        desk.change("calendar", b -> b.withCalendar(change.apply(b.calendar())));
    }

    /** Takes one end of the period; the other, where it is missing, is a year away. */
    private void period(String text, Optional<LocalDate> other, boolean first) {
        if (text.isBlank()) {
            change(c -> new CalendarChoice(
                    Optional.empty(),
                    Optional.empty(),
                    c.weeks(),
                    c.language(),
                    c.straddle(),
                    c.holidays(),
                    c.moon(),
                    c.personal()));
            return;
        }
        LocalDate day = Days.read(text);
        Optional<LocalDate> present =
                first ? desk.book().calendar().to() : desk.book().calendar().from();
        LocalDate end = present.or(() -> other)
                .orElse(
                        first
                                ? day.plusYears(1).minusDays(1)
                                : day.minusYears(1).plusDays(1));
        change(c -> first ? c.dated(day, end.isBefore(day) ? day.plusYears(1).minusDays(1) : end) : c.dated(end, day));
    }
}
