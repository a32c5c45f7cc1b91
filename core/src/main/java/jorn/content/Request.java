package jorn.content;

import java.util.Optional;
import jorn.calendar.CalendarChoice;
import jorn.calendar.Occasion;
import jorn.calendar.Occasion.Period;

/**
 * What a source is asked for: the pages of one run, in one round of the cycles that it stands in.
 *
 * @param about what the stretch stands for: a month, the whole period, or nothing
 * @param stretch from which day to which, in a dated book
 * @param calendar the book's decisions about dates
 * @param together how many pages belong to one subject: 2 where a design has a facing one
 * @param filling how many pages are left for a source that fills the book up
 * @param room what a page has inside its margins, in points
 */
public record Request(
        Occasion about, Optional<Period> stretch, CalendarChoice calendar, int together, int filling, Room room) {
    /**
     * The room of a page.
     *
     * @param width in points, 0 or more
     * @param height in points, 0 or more
     */
    public record Room(double width, double height) {}

    /** What all its pages are about, other than what the source adds. */
    public Subjects subjects() {
        return about.equals(Occasion.NONE) ? Subjects.NONE : Subjects.of(about);
    }
}
