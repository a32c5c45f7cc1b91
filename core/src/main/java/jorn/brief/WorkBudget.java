package jorn.brief;

import java.time.LocalDate;
import java.util.List;
import jorn.book.Plans;
import jorn.measure.Figure;
import jorn.measure.Scalar;

/**
 * How long the drawings take: whether a book is a week or a year.
 *
 * <p>Common practice: hours = drawings × hours for one; weeks = hours ÷ hours a week; the finish follows from the start.
 */
public final class WorkBudget {
    private final Plans.Work work;

    public WorkBudget(Plans.Work work) {
        this.work = work;
    }

    private double hours() {
        return work.drawings() * work.hoursEach();
    }

    private double weeks() {
        return hours() / work.hoursAWeek();
    }

    /** The day on which the last drawing is done. */
    public LocalDate finish() {
        return work.start().plusDays((long) Math.ceil(weeks() * 7 - 1e-9));
    }

    /** Hours and weeks, with their working. */
    public List<Figure> figures() {
        Figure drawings =
                Figure.given("work.drawings", "Drawings", Scalar.count(work.drawings(), "drawings"), "your decision");
        Figure each = Figure.given("work.each", "Hours for one", new Scalar(work.hoursEach(), "h", 1), "your guess");
        Figure aWeek = Figure.given(
                "work.a-week", "Hours a week", new Scalar(work.hoursAWeek(), "h a week", 1), "your decision");
        Figure whole = Figure.computed(
                "work.hours",
                "Work in all",
                new Scalar(hours(), "h", 0),
                "{work.drawings} × {work.each}",
                "",
                drawings,
                each);
        return List.of(
                whole,
                Figure.computed(
                        "work.weeks",
                        "It takes",
                        new Scalar(weeks(), "weeks", 1),
                        "{work.hours} ÷ {work.a-week}",
                        "",
                        whole,
                        aWeek));
    }
}
