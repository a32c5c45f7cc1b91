package jorn.calendar;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;

/** The days of a month in weeks, always six rows, since a 31-day month that begins late needs six. */
public final class MonthSheet {
    /** Rows of every sheet. */
    public static final int ROWS = 6;

    private final YearMonth month;
    private final LocalDate first;

    private MonthSheet(YearMonth month, LocalDate first) {
        this.month = month;
        this.first = first;
    }

    public static MonthSheet of(YearMonth month, WeekRule weeks) {
        return new MonthSheet(month, weeks.startOf(month.atDay(1)));
    }

    /** The day in a cell; days of the neighbouring months too. */
    public LocalDate day(int row, int column) {
        return first.plusDays(row * 7L + column);
    }

    /** Whether a cell belongs to the month itself. */
    public boolean isInside(int row, int column) {
        return YearMonth.from(day(row, column)).equals(month);
    }

    /** How many rows hold a day of the month, 4 to 6. */
    public int rowsInUse() {
        for (int row = ROWS - 1; row >= 0; row--) {
            if (isInside(row, 0) || isInside(row, 6)) {
                return row + 1;
            }
        }
        return 0;
    }

    /** All days of the sheet, row after row. */
    public List<LocalDate> days() {
        List<LocalDate> all = new ArrayList<>();
        for (int i = 0; i < ROWS * 7; i++) {
            all.add(first.plusDays(i));
        }
        return all;
    }
}
