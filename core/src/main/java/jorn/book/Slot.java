package jorn.book;

import jorn.art.Side;
import jorn.calendar.Occasion;
import jorn.calendar.Span;
import jorn.calendar.WeekRule;
import jorn.content.Item;
import jorn.content.Subjects;

/**
 * One page of a paginated book.
 *
 * @param number from 1
 * @param run index of its run, or {@link #NO_RUN} for a blank
 * @param index which page of the run, from 0
 * @param design which design of its run: 0, or 1 for the facing one
 * @param subjects what it is about
 * @param round which round of its outermost cycle, from 1; 0 outside of cycles
 */
public record Slot(int number, int run, int index, int design, Subjects subjects, int round) {
    /** A blank that no run asked for. */
    public static final int NO_RUN = -1;

    public static Slot blank(int number) {
        return new Slot(number, NO_RUN, 0, 0, Subjects.NONE, 0);
    }

    public Side side() {
        return Side.of(number);
    }

    public boolean isBlank() {
        return run == NO_RUN;
    }

    /** The stretch of the calendar that it is about. */
    public Occasion occasion() {
        return subjects.get(Occasion.class).orElse(Occasion.NONE);
    }

    /** The words that came to it; empty for none. */
    public String words() {
        return subjects.get(Item.class).map(Item::words).orElse("");
    }

    /** What tells it from the others of its run. */
    public PageKey key(WeekRule weeks) {
        String day = occasion().id(weeks);
        boolean whole = occasion().span().filter(s -> s == Span.YEAR).isPresent();
        return day.isEmpty() || whole ? new PageKey.Counted(index + 1) : new PageKey.Dated(day, design);
    }
}
