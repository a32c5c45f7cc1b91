package jorn.brief;

import java.time.LocalDate;
import java.util.List;
import jorn.book.Plans;
import jorn.measure.Figure;
import jorn.measure.Scalar;
import jorn.say.Wording;

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
        Figure drawings = Figure.given(
                "work.drawings",
                Wording.of("brief.work-budget.drawings"),
                Scalar.count(work.drawings(), Wording.of("brief.work-budget.drawings-2")),
                Wording.of("brief.work-budget.your-decision"));
        Figure each = Figure.given(
                "work.each",
                Wording.of("brief.work-budget.hours-for-one"),
                new Scalar(work.hoursEach(), Wording.of("brief.work-budget.h"), 1),
                Wording.of("brief.work-budget.your-guess"));
        Figure aWeek = Figure.given(
                "work.a-week",
                Wording.of("brief.work-budget.hours-week"),
                new Scalar(work.hoursAWeek(), Wording.of("brief.work-budget.h-week"), 1),
                Wording.of("brief.work-budget.your-decision"));
        Figure whole = Figure.computed(
                "work.hours",
                Wording.of("brief.work-budget.work-all"),
                new Scalar(hours(), Wording.of("brief.work-budget.h"), 0),
                "{work.drawings} × {work.each}",
                "",
                drawings,
                each);
        return List.of(
                whole,
                Figure.computed(
                        "work.weeks",
                        Wording.of("brief.work-budget.takes"),
                        new Scalar(weeks(), Wording.of("brief.work-budget.weeks"), 1),
                        "{work.hours} ÷ {work.a-week}",
                        "",
                        whole,
                        aWeek));
    }
}
