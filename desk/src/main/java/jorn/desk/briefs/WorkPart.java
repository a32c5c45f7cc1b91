package jorn.desk.briefs;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import jorn.book.Plans.Work;
import jorn.brief.WorkBudget;
import jorn.desk.model.Desk;
import jorn.desk.view.Labels;
import jorn.measure.Days;
import jorn.measure.Figure;
import jorn.measure.Numeral;
import jorn.measure.Trouble;
import jorn.measure.Unit;
import jorn.say.Wording;

/** Whether the book is a week's work or a year's: a part of a page of the brief. */
final class WorkPart {
    private final Desk desk;
    private final BriefView page;

    /** @param page the page that it stands on */
    WorkPart(Desk desk, BriefView page) {
        this.desk = desk;
        this.page = page;
    }

    List<Node> nodes() {
        Optional<Work> set = desk.book().plans().work();
        Work now = set.orElseGet(this::guess);
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(3);
        row(
                grid,
                0,
                Wording.of("desk.work.pages-draw"),
                "work-drawings",
                "" + now.drawings(),
                Wording.of("desk.work.how-many-pages-someone"),
                t -> w -> new Work(
                        Numeral.count(t, Wording.of("desk.work.number-drawings"), 1, 100_000),
                        w.hoursEach(),
                        w.hoursAWeek(),
                        w.start()));
        row(
                grid,
                1,
                Wording.of("desk.work.hours-for-one"),
                "work-each",
                Numeral.trimmed(now.hoursEach(), 2),
                Wording.of("desk.work.hours-one-drawing-takes"),
                t -> w -> new Work(w.drawings(), hours(t), w.hoursAWeek(), w.start()));
        row(
                grid,
                2,
                Wording.of("desk.work.hours-week"),
                "work-week",
                Numeral.trimmed(now.hoursAWeek(), 2),
                Wording.of("desk.work.hours-week-you-have"),
                t -> w -> new Work(w.drawings(), w.hoursEach(), hours(t), w.start()));
        row(
                grid,
                3,
                Wording.of("desk.work.begun-on"),
                "work-start",
                Days.written(now.start()),
                Wording.of("desk.work.first-day-year-month"),
                t -> w -> new Work(w.drawings(), w.hoursEach(), w.hoursAWeek(), Days.read(t)));
        WorkBudget budget = new WorkBudget(now);
        StringBuilder words = new StringBuilder();
        for (Figure f : budget.figures()) {
            words.append(f.label()).append(": ").append(f.text(Unit.INCH)).append(". ");
        }
        Label done =
                Labels.wrapped(Wording.of("desk.work.last-page-done-on", Days.written(budget.finish())), "heading");
        done.setId("work-finish");
        List<Node> all = new ArrayList<>(List.of(
                Labels.label(Wording.of("desk.work.title"), "heading"),
                grid,
                new WeekStrip(now.start(), budget.finish(), page.em()),
                done,
                Labels.wrapped(words.toString(), "soft")));
        if (set.isEmpty()) {
            all.add(Labels.wrapped(Wording.of("desk.work.these-guesses-until-you"), "soft"));
        }
        return all;
    }

    private interface Reader {
        UnaryOperator<Work> read(String text);
    }

    private void row(GridPane grid, int row, String name, String id, String value, String help, Reader reader) {
        int column = row % 2 * 2;
        grid.add(Labels.label(name, "soft"), column, row / 2);
        grid.add(page.field(name, id, value, help, 10, text -> change(reader.read(text))), column + 1, row / 2);
    }

    private void change(UnaryOperator<Work> change) {
        desk.change(
                "work",
                b -> b.withPlans(b.plans()
                        .withWork(Optional.of(change.apply(b.plans().work().orElseGet(this::guess))))));
    }

    private Work guess() {
        int pages = (int) desk.state().get().pagination().slots().stream()
                .filter(s -> !s.isBlank())
                .count();
        return new Work(Math.max(1, pages), 4, 10, LocalDate.now(ZoneId.systemDefault()));
    }

    private static double hours(String text) {
        return BriefView.amount(text, Wording.of("desk.work.number-hours"))
                .orElseThrow(() -> Trouble.of("desk.work.no-hours-given"));
    }
}
