package jorn.block.days;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.layout.Flow;
import jorn.say.Label;

/** What the rows of a table or of a grid stand for. They count, name, date and number themselves in the book's language. */
public enum CountBy {
    /** As many rows as there is room for; nothing is counted. */
    @Label("block.count-by.room")
    ROOM,
    /** The seven days of the week. */
    @Label("block.count-by.week")
    WEEK,
    /** The days of the month: 28 to 31. */
    @Label("block.count-by.month")
    MONTH,
    /** The twelve months. */
    @Label("block.count-by.year")
    YEAR,
    /** The 24 hours. */
    @Label("block.count-by.hours")
    HOURS,
    /** The weeks of a quarter. */
    @Label("block.count-by.quarter")
    QUARTER,
    /** Five years, the page's own first. */
    @Label("block.count-by.years")
    YEARS,
    /** Twenty, numbered: milk teeth. */
    @Label("block.count-by.twenty")
    TWENTY,
    /** As many rows as there is room for, numbered. */
    @Label("block.count-by.numbers")
    NUMBERS;

    private static final int FIVE = 5;
    private static final int MILK_TEETH = 20;
    private static final int LONGEST_MONTH = 31;
    private static final int HOURS_OF_A_DAY = 24;
    private static final int WEEKS_OF_A_QUARTER = 13;

    /**
     * One row.
     *
     * @param full its name: "Monday 5"
     * @param shorter the same in less room: "Mo 5"
     * @param weekend whether it is a Saturday or Sunday
     */
    public record CountedRow(String full, String shorter, boolean weekend) {}

    /** The rows on this page; none where the room counts. */
    public List<CountedRow> rows(Flow flow) {
        CalendarChoice calendar = flow.calendar();
        WeekRule weeks = flow.calendar().weeks();
        return switch (this) {
            case ROOM, NUMBERS -> List.of();
            case TWENTY -> IntStream.rangeClosed(1, MILK_TEETH)
                    .mapToObj(Integer::toString)
                    .map(n -> new CountedRow(n, n, false))
                    .toList();
            case YEARS -> IntStream.range(0, FIVE)
                    .mapToObj(i -> flow.date()
                            .map(d -> Integer.toString(d.getYear() + i))
                            .orElse("20"))
                    .map(y -> new CountedRow(y, y, false))
                    .toList();
            case WEEK -> {
                Optional<LocalDate> first = flow.date().map(weeks::startOf);
                yield IntStream.range(0, 7)
                        .mapToObj(i -> day(weeks.column(i), first.map(f -> f.plusDays(i)), calendar))
                        .toList();
            }
            case MONTH -> month(flow, calendar);
            case YEAR -> {
                int from = flow.date().map(LocalDate::getMonthValue).orElse(1);
                yield IntStream.range(0, 12)
                        .mapToObj(i -> month(Month.of((from - 1 + i) % 12 + 1), calendar))
                        .toList();
            }
            case HOURS -> IntStream.range(0, HOURS_OF_A_DAY)
                    .mapToObj(h -> new CountedRow(h + ":00", Integer.toString(h), false))
                    .toList();
            case QUARTER -> quarter(flow);
        };
    }

    /** The most rows that there can be, so that every month's page has the same grid. */
    public int most() {
        return switch (this) {
            case ROOM, NUMBERS -> 0;
            case YEARS -> FIVE;
            case TWENTY -> MILK_TEETH;
            case WEEK -> 7;
            case MONTH -> LONGEST_MONTH;
            case YEAR -> 12;
            case HOURS -> HOURS_OF_A_DAY;
            case QUARTER -> WEEKS_OF_A_QUARTER;
        };
    }

    private static CountedRow day(DayOfWeek day, Optional<LocalDate> date, CalendarChoice calendar) {
        String figure = date.map(d -> " " + d.getDayOfMonth()).orElse("");
        return new CountedRow(
                calendar.name(day, TextStyle.FULL_STANDALONE) + figure,
                calendar.name(day, TextStyle.SHORT_STANDALONE) + figure,
                isWeekend(day));
    }

    private static CountedRow month(Month month, CalendarChoice calendar) {
        return new CountedRow(
                calendar.name(month, TextStyle.FULL_STANDALONE),
                calendar.name(month, TextStyle.SHORT_STANDALONE),
                false);
    }

    /** Whether it is a Saturday or Sunday. */
    public static boolean isWeekend(DayOfWeek day) {
        return day == DayOfWeek.SATURDAY || day == DayOfWeek.SUNDAY;
    }

    private static List<CountedRow> month(Flow flow, CalendarChoice calendar) {
        // A year's page stands for the days of all its months.
        boolean ofYear = flow.span().filter(s -> s == Span.YEAR).isPresent();
        Optional<YearMonth> month = flow.date().filter(d -> !ofYear).map(YearMonth::from);
        int days = month.map(YearMonth::lengthOfMonth).orElse(LONGEST_MONTH);
        return IntStream.rangeClosed(1, days)
                .mapToObj(d -> month.map(m -> {
                            DayOfWeek day = m.atDay(d).getDayOfWeek();
                            return new CountedRow(
                                    d + " " + calendar.name(day, TextStyle.SHORT_STANDALONE),
                                    Integer.toString(d),
                                    isWeekend(day));
                        })
                        .orElse(new CountedRow(Integer.toString(d), Integer.toString(d), false)))
                .toList();
    }

    private static List<CountedRow> quarter(Flow flow) {
        WeekRule weeks = flow.calendar().weeks();
        Optional<LocalDate> first = flow.date().map(weeks::startOf);
        return IntStream.range(0, WEEKS_OF_A_QUARTER)
                .mapToObj(i -> {
                    String number = first.map(f -> Integer.toString(weeks.number(f.plusWeeks(i))))
                            .orElse(Integer.toString(i + 1));
                    return new CountedRow(number, number, false);
                })
                .toList();
    }
}
