package jorn.content;

import java.util.List;
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
 * @param before the pages that lie before, for a source that gathers what stands there: solutions, answers
 */
public record Request(
        Occasion about,
        Optional<Period> stretch,
        CalendarChoice calendar,
        int together,
        int filling,
        Room room,
        Before before) {
    /**
     * The room of a page.
     *
     * @param width in points, 0 or more
     * @param height in points, 0 or more
     * @param pitch from line to line, in points
     */
    public record Room(double width, double height, double pitch) {}

    /** What has been laid so far. */
    public interface Before {
        /** Nothing. */
        Before NOTHING = List::of;

        /** What each page before is about, in order; blanks are about nothing. */
        List<Subjects> pages();
    }

    /** What all its pages are about, other than what the source adds. */
    public Subjects subjects() {
        return about.equals(Occasion.NONE) ? Subjects.NONE : Subjects.of(about);
    }
}
