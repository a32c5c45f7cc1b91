package jorn.calendar;

import biweekly.util.Recurrence;
import java.util.List;

/** Whether a rule by which an event comes round means anything: each number within the range that RFC 5545, 3.3.10, gives it. */
final class EventRules {
    private static final int LAST_HOUR = 23;
    private static final int LAST_MINUTE = 59;
    /** A minute may have a leap second. */
    private static final int LAST_SECOND = 60;

    private static final int MONTHS = 12;
    private static final int MONTH_DAYS = 31;
    private static final int YEAR_DAYS = 366;
    private static final int WEEKS = 53;

    /** Nothing that people note comes round less often than so many of its steps, be they seconds. */
    private static final int LONGEST_STEP = 10_000_000;

    private EventRules() {}

    static boolean means(Recurrence rule) {
        Integer step = rule.getInterval();
        return (step == null || (step >= 1 && step <= LONGEST_STEP))
                && within(rule.getBySecond(), 0, LAST_SECOND)
                && within(rule.getByMinute(), 0, LAST_MINUTE)
                && within(rule.getByHour(), 0, LAST_HOUR)
                && within(rule.getByMonth(), 1, MONTHS)
                && fromEitherEnd(rule.getByMonthDay(), MONTH_DAYS)
                && fromEitherEnd(rule.getByYearDay(), YEAR_DAYS)
                && fromEitherEnd(rule.getByWeekNo(), WEEKS)
                && fromEitherEnd(rule.getBySetPos(), YEAR_DAYS);
    }

    private static boolean within(List<Integer> numbers, int least, int most) {
        return numbers.stream().allMatch(n -> n >= least && n <= most);
    }

    /** Counted from the first or, below 0, from the last. */
    private static boolean fromEitherEnd(List<Integer> numbers, int most) {
        return numbers.stream().allMatch(n -> n != 0 && Math.abs(n) <= most);
    }
}
