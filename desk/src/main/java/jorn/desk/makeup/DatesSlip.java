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
import jorn.say.Wording;

/** The book's dates: period, weeks, language, holidays. */
public final class DatesSlip extends Slip {
    private final Desk desk;

    public DatesSlip(Desk desk) {
        super(Wording.of("desk.dates.dates"));
        this.desk = desk;
        CalendarChoice now = desk.book().calendar();
        field(
                Wording.of("desk.dates.first-day"),
                "date-from",
                text(now.from()),
                Wording.of("desk.dates.first-day-empty-for"),
                t -> period(t, now.to(), true));
        field(
                Wording.of("desk.dates.last-day"),
                "date-to",
                text(now.to()),
                Wording.of("desk.dates.last-day-empty-for"),
                t -> period(t, now.from(), false));
        field(
                Wording.of("desk.dates.language"),
                "date-language",
                now.language(),
                Wording.of("desk.dates.names-days-months-en"),
                t -> change(c -> c.withLanguage(t)));
        field(
                Wording.of("desk.dates.holidays"),
                "date-holidays",
                now.holidays(),
                Wording.of("desk.dates.country-s-two-letters"),
                t -> change(c -> c.withHolidays(t)));
        add(Labels.label(Wording.of("desk.dates.weeks"), "group-name"));
        add(choice(
                Wording.of("desk.dates.from-monday-numbered-iso"),
                "",
                now.weeks().equals(WeekRule.ISO),
                () -> change(c -> c.withWeeks(WeekRule.ISO))));
        add(choice(
                Wording.of("desk.dates.from-sunday-week-with"),
                "",
                now.weeks().equals(WeekRule.SUNDAY),
                () -> change(c -> c.withWeeks(WeekRule.SUNDAY))));
        add(Labels.label(Wording.of("desk.dates.week-two-months-belongs"), "group-name"));
        for (Straddle straddle : Straddle.values()) {
            add(choice(straddle.word(), "", now.straddle() == straddle, () -> change(c -> c.withStraddle(straddle))));
        }
        add(Labels.label(Wording.of("desk.dates.moon"), "group-name"));
        add(choice(Wording.of("desk.dates.phases-marked"), "", now.moon(), () -> change(c -> c.withMoon(true))));
        add(choice(Wording.of("desk.dates.not-marked"), "", !now.moon(), () -> change(c -> c.withMoon(false))));
        int own = now.personal().size();
        say(
                own == 0
                        ? Wording.of("desk.dates.drop-ics-calendar-or")
                        : Wording.of("desk.dates.dates-your-own-marked", own));
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
