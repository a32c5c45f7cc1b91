package jorn.desk.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jorn.book.Book;
import jorn.book.MarginChoice;
import jorn.desk.model.BookState;
import jorn.desk.model.Desk;
import jorn.measure.Unit;
import jorn.press.MarginSchool;
import jorn.say.Wording;

/** The decisions in the order in which people take them, each with what is decided now. */
public final class DecisionLadder extends VBox {
    private final Desk desk;
    private final SlipLayer slips;
    private final List<Step> steps = new ArrayList<>();

    private record Step(Label value, Supplier<String> now) {}

    /** @param slips where slips open */
    public DecisionLadder(Desk desk, SlipLayer slips, BriefSlips all) {
        super(0);
        this.desk = desk;
        this.slips = slips;
        getStyleClass().add("ladder");
        add(
                Wording.of("desk.decision-ladder.what"),
                "kind",
                Wording.of("desk.decision-ladder.what-kind-book"),
                all::kind,
                () -> book().kind());
        add(
                Wording.of("desk.decision-ladder.name"),
                "name",
                Wording.of("desk.decision-ladder.title-subtitle-author"),
                all::name,
                () -> book().shownTitle());
        add(
                Wording.of("desk.decision-ladder.trim"),
                "trim",
                Wording.of("desk.decision-ladder.width-height-closed-book"),
                all::trim,
                () -> Header.sizeInWords(book().brief().trim(), unit()));
        add(
                Wording.of("desk.decision-ladder.pages"),
                "pages",
                Wording.of("desk.decision-ladder.how-many-pages-book"),
                all::pages,
                this::pages);
        add(
                Wording.of("desk.decision-ladder.paper"),
                "paper",
                Wording.of("desk.decision-ladder.paper-inside"),
                all::paper,
                () -> book().brief().paperStock().called());
        add(
                Wording.of("desk.decision-ladder.ink"),
                "ink",
                Wording.of("desk.decision-ladder.what-inside-printed-with"),
                all::ink,
                () -> book().brief().inkSet().called());
        add(
                Wording.of("desk.decision-ladder.binding"),
                "binding",
                Wording.of("desk.decision-ladder.how-leaves-held-together"),
                all::binding,
                () -> book().brief().offer().inWords());
        add(
                Wording.of("desk.decision-ladder.press"),
                "press",
                Wording.of("desk.decision-ladder.who-prints"),
                all::press,
                () -> book().brief().press().name());
        add(
                Wording.of("desk.decision-ladder.margins"),
                "margins",
                Wording.of("desk.decision-ladder.school-margins"),
                all::margins,
                this::margins);
        add(
                Wording.of("desk.decision-ladder.reads"),
                "reading",
                Wording.of("desk.decision-ladder.which-way-book-reads"),
                all::reading,
                () -> book().brief().reading().word());
    }

    private Book book() {
        return desk.book();
    }

    private Unit unit() {
        return desk.unit().get();
    }

    private String pages() {
        BookState state = desk.state().get();
        int blanks = state.pagination().blanksAdded();
        String all = Integer.toString(state.pagination().pageCount());
        return blanks == 0 ? all : Wording.of("desk.decision-ladder.of-them-blank", all, blanks);
    }

    private String margins() {
        MarginChoice now = book().margins();
        if (now.equals(MarginChoice.NONE)) {
            return Wording.of("desk.decision-ladder.press-asks");
        }
        boolean own = now.outside().isPresent()
                || now.foot().isPresent()
                || now.gutter().isPresent();
        return own
                ? Wording.of("desk.decision-ladder.set-by-hand")
                : now.school()
                        .map(s -> Wording.within(MarginSchool.of(s).called()))
                        .orElse("");
    }

    private void add(String name, String id, String help, Supplier<Slip> slip, Supplier<String> now) {
        Label value = Labels.wrapped("", "step-value");
        PressableBox button = new PressableBox(0, Labels.label(name, "step-name"), value);
        button.getStyleClass().setAll("step");
        button.setId("step-" + id);
        button.setAccessibleText(name);
        button.setAccessibleHelp(help);
        button.setOnDeed(() -> slips.toggleBeside(slip.get(), button));
        steps.add(new Step(value, now));
        getChildren().add(button);
    }

    /** Shows what is decided now. */
    public void show() {
        for (Step step : steps) {
            step.value().setText(step.now().get());
        }
    }
}
