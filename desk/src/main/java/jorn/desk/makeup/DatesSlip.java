package jorn.desk.makeup;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import jorn.art.Reading;
import jorn.book.Book;
import jorn.calendar.BookLanguage;
import jorn.calendar.CalendarChoice;
import jorn.calendar.HolidayPlace;
import jorn.calendar.Occasion.Straddle;
import jorn.calendar.WeekRule;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.desk.view.Slip;
import jorn.desk.view.Theme;
import jorn.measure.Days;
import jorn.say.Wording;

/** The book's dates: period, weeks, language, holidays. */
public final class DatesSlip extends Slip {
    private final Desk desk;

    /** Which end of the period a click on the year sets. */
    private boolean setsFirst = true;

    private final Button first;
    private final Button last;

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
        first = word(
                Wording.of("desk.dates.click-first"),
                "click-first",
                Wording.of("desk.dates.click-help"),
                true,
                () -> sets(true));
        last = word(
                Wording.of("desk.dates.click-last"),
                "click-last",
                Wording.of("desk.dates.click-help"),
                false,
                () -> sets(false));
        year(now);
        List<PickList.Entry> spoken = BookLanguage.all().stream()
                .map(l -> new PickList.Entry(l.tag(), l.called()))
                .toList();
        PickList languages = new PickList(
                this,
                "date-language",
                Wording.of("desk.dates.names-days-months-en"),
                spoken,
                tag(now.language()),
                this::speak);
        line(Wording.of("desk.dates.language"), languages.opener()).add(languages);
        List<PickList.Entry> seconds = new ArrayList<>();
        seconds.add(new PickList.Entry("", Wording.of("desk.dates.no-second")));
        seconds.addAll(spoken);
        PickList second = new PickList(
                this,
                "date-second",
                Wording.of("desk.dates.second-help"),
                seconds,
                now.beside().isEmpty() ? "" : tag(now.beside()),
                l -> change(c -> c.withBeside(l)));
        line(Wording.of("desk.dates.second"), second.opener()).add(second);
        List<PickList.Entry> countries = new ArrayList<>();
        countries.add(new PickList.Entry("", Wording.of("desk.dates.no-holidays")));
        HolidayPlace.countries().forEach(place -> countries.add(new PickList.Entry(place.code(), place.called())));
        PickList holidays = new PickList(
                this,
                "date-holidays",
                Wording.of("desk.dates.country-s-two-letters"),
                countries,
                HolidayPlace.country(now.holidays()),
                h -> change(c -> c.withHolidays(h)));
        line(Wording.of("desk.dates.holidays"), holidays.opener()).add(holidays);
        part(now.holidays());
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

    /** Where parts of a country have holidays of their own, which of them it is. */
    private void part(String chosen) {
        String country = HolidayPlace.country(chosen);
        List<HolidayPlace> parts = HolidayPlace.parts(country);
        if (parts.isEmpty()) {
            return;
        }
        List<PickList.Entry> all = new ArrayList<>();
        all.add(new PickList.Entry(country, Wording.of("desk.dates.whole-country")));
        parts.forEach(p -> all.add(new PickList.Entry(p.code(), p.called())));
        PickList list = new PickList(
                this,
                "date-part",
                Wording.of("desk.dates.part-help"),
                all,
                chosen,
                h -> change(c -> c.withHolidays(h)));
        line(Wording.of("desk.dates.part"), list.opener()).add(list);
    }

    private static String tag(String chosen) {
        return BookLanguage.all().stream()
                .filter(l -> l.isOf(chosen))
                .findFirst()
                .map(BookLanguage::tag)
                .orElse(chosen);
    }

    /** The year of the book's first day, to click on. */
    private void year(CalendarChoice now) {
        int shown = now.from()
                .map(LocalDate::getYear)
                .orElse(LocalDate.now(ZoneId.systemDefault()).getYear() + 1);
        YearPick pick = new YearPick(
                shown,
                now.weeks().first(),
                now.from(),
                now.to(),
                Theme.em(desk.settings().textSize()),
                day -> attempt(() -> {
                    period(Days.written(day), setsFirst ? now.to() : now.from(), setsFirst);
                    done();
                }));
        Label name = Labels.label(Integer.toString(shown), "heading");
        Button before = deed("‹", "year-before", Wording.of("desk.dates.year-before"), () -> {
            pick.turn(-1);
            name.setText(Integer.toString(pick.year()));
        });
        Button after = deed("›", "year-after", Wording.of("desk.dates.year-after"), () -> {
            pick.turn(1);
            name.setText(Integer.toString(pick.year()));
        });
        HBox head = new HBox(8, before, name, after, Labels.spring(), first, last);
        head.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        add(head, pick);
    }

    private void sets(boolean wanted) {
        setsFirst = wanted;
        Labels.mark(first, wanted);
        Labels.mark(last, !wanted);
    }

    private static String text(Optional<LocalDate> day) {
        return day.map(Days::written).orElse("");
    }

    /** Another language; where it is written the other way, the book is bound and read that way too. */
    private void speak(String language) {
        desk.change("calendar", b -> {
            CalendarChoice now = b.calendar().withLanguage(language);
            Book book = b.withCalendar(now);
            if (now.isRightToLeft() == b.calendar().isRightToLeft()) {
                return book;
            }
            Reading reading = now.isRightToLeft() ? Reading.RIGHT_TO_LEFT : Reading.LEFT_TO_RIGHT;
            return book.withBrief(book.brief().withReading(reading));
        });
    }

    private void change(UnaryOperator<CalendarChoice> change) {
        desk.change("calendar", b -> b.withCalendar(change.apply(b.calendar())));
    }

    /** Takes one end of the period; the other, where it is missing, is a year away. */
    private void period(String text, Optional<LocalDate> other, boolean first) {
        if (text.isBlank()) {
            change(CalendarChoice::undated);
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
